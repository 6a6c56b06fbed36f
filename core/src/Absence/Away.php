<?php

declare(strict_types=1);

namespace OpenBaton\Core\Absence;

use OpenBaton\Core\Time\Span;

/**
 * A time that somebody is away without a break: of absences that overlap their union, for which the earliest speaks.
 */
final readonly class Away
{
    private function __construct(public Absence $absence, public Span $span) {}

    /**
     * @param list<Absence> $absences of one person, that count
     *
     * @return list<self> in order, apart from each other
     */
    public static function of(array $absences): array
    {
        usort(
            $absences,
            static fn(Absence $a, Absence $b): int => $a->span->from <=> $b->span->from ?: $a->id <=> $b->id,
        );
        $found = [];
        foreach ($absences as $absence) {
            $last = end($found);
            if ($last !== false && $absence->span->from < $last->span->to) {
                $found[count($found) - 1] = new self(
                    $last->absence,
                    new Span($last->span->from, max($last->span->to, $absence->span->to)),
                );
            } else {
                $found[] = new self($absence, $absence->span);
            }
        }

        return array_values($found);
    }
}
