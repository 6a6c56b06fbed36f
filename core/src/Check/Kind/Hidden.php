<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check\Kind;

use OpenBaton\Core\Check\Certainty;
use OpenBaton\Core\Check\Check;
use OpenBaton\Core\Check\Examination;
use OpenBaton\Core\Check\Finding;
use OpenBaton\Core\Check\Remedy;
use OpenBaton\Core\Check\RemedyKind;
use OpenBaton\Core\Check\Shadow;
use OpenBaton\Core\Rulebook\Event\EventKind;
use OpenBaton\Core\Rulebook\Event\TaskArrives;
use OpenBaton\Core\Rulebook\Rule;

/**
 * Rules above take all that the rule would get, whatever happens: its criteria are implied by those of all of them
 * together. It is certain where no rule brings its events about: a rule that has acted in a chain is passed over in the
 * rest of it. Events that happen for one rule alone are never hidden.
 */
final class Hidden implements Check
{
    public static function code(): string
    {
        return 'hidden';
    }

    public function find(Examination $of): iterable
    {
        $shadow = new Shadow($of);
        foreach ($of->holding() as $position => $terms) {
            $rule = $of->rules[$position];
            $by = $shadow->over($position, $rule, $terms, true);
            if ($by !== null) {
                $others = array_map(static fn(int $one): string => $of->rules[$one]->id, $by);
                yield new Finding(
                    self::code(),
                    self::isCertain($of, $rule) ? Certainty::Certain : Certainty::Likely,
                    $rule->id,
                    $others,
                    ['/if'],
                    remedy: new Remedy(RemedyKind::MoveAbove, $others[0]),
                );
            }
        }
    }

    private static function isCertain(Examination $of, Rule $rule): bool
    {
        return array_filter(
            $rule->events,
            static fn(EventKind $event): bool => !($event instanceof TaskArrives) && $of->raising->isTouched($event),
        ) === [];
    }
}
