<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

use OpenBaton\Core\Parameter\Choice;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Subject\Effect\DueImpossible;
use OpenBaton\Core\Subject\Effect\DueSet;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Time\NoWorkingTime;
use OpenBaton\Core\Time\WorkingTime;

/** Due at the end of work today, this week or this month; at the next end where that has passed. */
final readonly class DueEndOf implements SetsDue
{
    public function __construct(public Period $period) {}

    public static function kind(): string
    {
        return 'due_end_of';
    }

    public static function parameters(): array
    {
        return [Parameter::required('period', new Choice(Period::class))];
    }

    public function effect(Situation $situation): Effect
    {
        $house = $situation->roster->house;
        $at = $situation->change->at;
        try {
            $today = $house->zone()->dateAt($at);
            if ($this->period === Period::Today) {
                return new DueSet((new WorkingTime($house))->endOfDay($at, 0));
            }
            $end = $this->period->lastDay($today);
            $due = (new WorkingTime($house))->endOnOrBefore($end);

            return new DueSet(
                $due > $at ? $due : (new WorkingTime($house))->endOnOrBefore($this->period->lastDay($end->plus(1))),
            );
        } catch (NoWorkingTime) {
            return new DueImpossible();
        }
    }
}
