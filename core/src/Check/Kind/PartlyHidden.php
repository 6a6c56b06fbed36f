<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check\Kind;

use OpenBaton\Core\Check\Certainty;
use OpenBaton\Core\Check\Check;
use OpenBaton\Core\Check\Examination;
use OpenBaton\Core\Check\Finding;
use OpenBaton\Core\Check\RecentWork;
use OpenBaton\Core\Check\Remedy;
use OpenBaton\Core\Check\RemedyKind;
use OpenBaton\Core\Check\Shadow;
use OpenBaton\Core\Rulebook\Rule;

/**
 * Of the recent work that meets a rule, rules above took a good part: a quarter at least, and three tasks. A rule above
 * that no more of the work meets does not count: the special comes before the general. What is hidden altogether is
 * told as that.
 */
final class PartlyHidden implements Check
{
    private const FEWEST = 3;

    private const PERCENT = 25;

    public static function code(): string
    {
        return 'partly_hidden';
    }

    public function find(Examination $of): iterable
    {
        if ($of->recent === null) {
            return;
        }
        $shadow = new Shadow($of);
        $positions = array_flip(array_map(static fn(Rule $rule): string => $rule->id, $of->rules));
        foreach ($of->holding() as $position => $terms) {
            $rule = $of->rules[$position];
            $met = $of->recent->met($rule->id);
            $taken = self::taken($met, $of->recent, $positions, $position);
            $count = array_sum($taken);
            if (
                $count < self::FEWEST ||
                100 * $count < self::PERCENT * array_sum($met) ||
                $shadow->over($position, $rule, $terms, false) !== null
            ) {
                continue;
            }
            $others = array_map(strval(...), array_keys($taken));
            yield new Finding(
                self::code(),
                Certainty::Likely,
                $rule->id,
                $others,
                ['/if'],
                remedy: new Remedy(RemedyKind::MoveAbove, $others[0]),
                figures: ['taken' => $count, 'met' => array_sum($met)],
            );
        }
    }

    /**
     * @param array<array-key, int> $met       tasks that met a rule, by the id of the one that took them
     * @param array<array-key, int> $positions of the rules, by id
     *
     * @return array<array-key, int> tasks by the id of the rule above that took them, in the order of the rules
     */
    private static function taken(array $met, RecentWork $recent, array $positions, int $position): array
    {
        $all = array_sum($met);
        $taken = array_filter(
            $met,
            static fn(int|string $id): bool => ($positions[$id] ?? PHP_INT_MAX) < $position &&
                array_sum($recent->met((string) $id)) > $all,
            ARRAY_FILTER_USE_KEY,
        );
        uksort($taken, static fn(int|string $one, int|string $other): int => $positions[$one] <=> $positions[$other]);

        return $taken;
    }
}
