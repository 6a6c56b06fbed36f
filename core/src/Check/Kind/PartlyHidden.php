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
        foreach ($of->holding() as $position => $terms) {
            $rule = $of->rules[$position];
            $met = $of->recent->met($rule->id);
            $taken = self::taken($of->rules, $of->recent, $position);
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
     * @param array<int, Rule> $rules by position
     *
     * @return array<array-key, int> tasks by the id of the rule above that took them, in the order of the rules
     */
    private static function taken(array $rules, RecentWork $recent, int $position): array
    {
        $met = $recent->met($rules[$position]->id);
        $taken = [];
        foreach (count($met) < 2 && isset($met[$rules[$position]->id]) ? [] : $rules as $above => $rule) {
            if ($above >= $position) {
                break;
            }
            if (isset($met[$rule->id]) && array_sum($recent->met($rule->id)) > array_sum($met)) {
                $taken[$rule->id] = $met[$rule->id];
            }
        }

        return $taken;
    }
}
