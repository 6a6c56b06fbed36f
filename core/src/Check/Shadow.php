<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check;

use OpenBaton\Core\Check\Values\Covering;
use OpenBaton\Core\Check\Values\Terms;
use OpenBaton\Core\Rulebook\Event\EventKind;
use OpenBaton\Core\Rulebook\Rule;
use OverflowException;

/** Which rules above one take all that it would get. */
final readonly class Shadow
{
    public function __construct(private Examination $of) {}

    /**
     * @param bool $ending only rules that end the search whatever happens
     *
     * @return non-empty-list<int>|null positions of the rules that take it, in order; null: something is left
     */
    public function over(int $position, Rule $rule, Terms $terms, bool $ending): ?array
    {
        if ($rule->give === null) {
            return null;
        }
        $by = [];
        try {
            foreach ($rule->events as $event) {
                if (EventCover::isOwn($event)) {
                    return null;
                }
                foreach ($terms->all as $term) {
                    [$others, $whose] = [[], []];
                    foreach ($this->of->giving($ending)->meeting($term, $position) as $above => $met) {
                        if ($this->mayTake($this->of->rules[$above], $rule, $event)) {
                            array_push($others, ...$met);
                            array_push($whose, ...array_fill(0, count($met), $above));
                        }
                    }
                    $taken = Covering::of($term, $others);
                    if ($taken === null) {
                        return null;
                    }
                    foreach ($taken as $place) {
                        $by[$whose[$place]] = true;
                    }
                }
            }
        } catch (OverflowException) {
            return null;
        }
        ksort($by);
        $by = array_keys($by);

        return $by === [] ? null : $by;
    }

    private function mayTake(Rule $above, Rule $rule, EventKind $event): bool
    {
        return $above->give?->seat === $rule->give?->seat &&
            EventCover::by($above, $event) &&
            $this->of->isValidThroughout($above, $rule);
    }
}
