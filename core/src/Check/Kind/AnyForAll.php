<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check\Kind;

use OpenBaton\Core\Check\Certainty;
use OpenBaton\Core\Check\Check;
use OpenBaton\Core\Check\Examination;
use OpenBaton\Core\Check\Finding;
use OpenBaton\Core\Check\Remedy;
use OpenBaton\Core\Check\RemedyKind;
use OpenBaton\Core\Criteria\Expression;
use OpenBaton\Core\Criteria\Group;
use OpenBaton\Core\Criteria\GroupKind;

/**
 * A group of which any part will do looks as if all of them were meant: it always holds, or one part holds for all of
 * what the others do.
 */
final class AnyForAll implements Check
{
    public static function code(): string
    {
        return 'any_for_all';
    }

    public function find(Examination $of): iterable
    {
        foreach ($of->rules as $rule) {
            foreach (self::groups($rule->criteria, '/if') as $pointer => $group) {
                $how = self::isIdle($of, $group, Examination::isOfArrivals($rule));
                if ($how !== null) {
                    yield new Finding(
                        self::code(),
                        Certainty::Likely,
                        $rule->id,
                        [],
                        [$pointer],
                        ['how' => $how],
                        new Remedy(RemedyKind::MakeAll, $pointer),
                    );
                }
            }
        }
    }

    /** @return iterable<string, Group> groups of which any part will do, by pointer */
    private static function groups(Expression $expression, string $pointer): iterable
    {
        if (!($expression instanceof Group)) {
            return;
        }
        if ($expression->kind === GroupKind::Any && count($expression->parts) > 1) {
            yield $pointer => $expression;
        }
        foreach ($expression->parts as $place => $part) {
            yield from self::groups($part, "{$pointer}/{$expression->kind->value}/{$place}");
        }
    }

    /** @return string|null how it is without use; null: it is not */
    private static function isIdle(Examination $of, Group $group, bool $arrivals): ?string
    {
        $whole = $of->termsOf($group, $arrivals, false);
        if ($whole === null) {
            return null;
        }
        if ($whole->isEmpty()) {
            return 'always';
        }
        foreach ($group->parts as $place => $part) {
            $one = $of->termsOf($part, $arrivals);
            $others = $of->termsOf(self::without($group, $place), $arrivals);
            if ($one !== null && $others !== null && !$others->isEmpty() && $others->isWithin($one)) {
                return 'one';
            }
        }

        return null;
    }

    private static function without(Group $group, int $place): Group
    {
        $parts = $group->parts;
        unset($parts[$place]);

        return new Group(GroupKind::Any, array_values($parts));
    }
}
