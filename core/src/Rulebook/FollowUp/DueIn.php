<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

use OpenBaton\Core\Parameter\Choice;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\WorkingSpanType;
use OpenBaton\Core\Subject\Effect\DueImpossible;
use OpenBaton\Core\Subject\Effect\DueSet;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Time\NoWorkingTime;
use OpenBaton\Core\Time\WorkingSpan;
use OpenBaton\Core\Time\WorkingTime;

/** Due after so much working time, or at the end of work so many working days later. */
final readonly class DueIn implements SetsDue
{
    public function __construct(public WorkingSpan $after, public HoursOf $hoursOf = HoursOf::House) {}

    public static function kind(): string
    {
        return 'due_in';
    }

    public static function parameters(): array
    {
        return [
            Parameter::required('after', new WorkingSpanType()),
            Parameter::optional('hours_of', new Choice(HoursOf::class), HoursOf::House),
        ];
    }

    public function effect(Situation $situation): Effect
    {
        $holderId = $situation->subject->holderId;
        $hours =
            $this->hoursOf === HoursOf::Assignee && $holderId !== null
                ? $situation->roster->presenceOf($holderId)
                : $situation->roster->house;
        try {
            return new DueSet($this->after->after($situation->change->at, new WorkingTime($hours)));
        } catch (NoWorkingTime) {
            return new DueImpossible();
        }
    }
}
