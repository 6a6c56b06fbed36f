<?php

declare(strict_types=1);

namespace OpenBaton\Core\Absence;

use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Time\Span;

/** What stands against an absence, whether or not it is approved yet: who stands in, and whether they can. */
final class Conflicts
{
    /** @return list<Conflict> in the order of the substitutes */
    public static function of(Absence $absence, Roster $roster): array
    {
        if ($absence->substitutes === []) {
            return [new Conflict(ConflictKind::NoSubstitute)];
        }
        $conflicts = [];
        foreach ($absence->substituteIds() as $id) {
            $person = $roster->people[$id];
            if (
                !$person->active ||
                ($person->memberFrom ?? PHP_INT_MIN) >= $absence->span->to ||
                ($person->memberUntil ?? PHP_INT_MAX) <= $absence->span->from
            ) {
                $conflicts[] = new Conflict(ConflictKind::SubstituteGone, $id);
                continue;
            }
            foreach (self::within($absence->span, $id, $roster) as $other) {
                $kind = self::leadsBack($other, $absence->personId, $absence->span, $roster, [$id])
                    ? ConflictKind::Circle
                    : ConflictKind::SubstituteAway;
                $conflicts[] = new Conflict($kind, $id, $other->span);
            }
        }

        return $conflicts;
    }

    /** @return list<Absence> of a person, that meet a span */
    private static function within(Span $span, string $personId, Roster $roster): array
    {
        return array_values(
            array_filter(
                $roster->absencesOf($personId),
                static fn(Absence $one): bool => $one->span->within($span->from, $span->to) !== null,
            ),
        );
    }

    /** @param list<string> $seen */
    private static function leadsBack(Absence $absence, string $personId, Span $span, Roster $roster, array $seen): bool
    {
        foreach ($absence->substituteIds() as $id) {
            if ($id === $personId) {
                return true;
            }
            foreach (in_array($id, $seen, true) ? [] : self::within($span, $id, $roster) as $next) {
                if (self::leadsBack($next, $personId, $span, $roster, [...$seen, $id])) {
                    return true;
                }
            }
        }

        return false;
    }
}
