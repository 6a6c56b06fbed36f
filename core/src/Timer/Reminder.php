<?php

declare(strict_types=1);

namespace OpenBaton\Core\Timer;

use OpenBaton\Core\Rulebook\Event\DateReached;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Time\WorkingHours;

/** That somebody is to think of a task at a distance from one of its dates. */
final readonly class Reminder
{
    public function __construct(public string $id, public DateReached $on) {}

    /** @return array{string, int}|null the date that it hangs on, and the instant; null: it does not come */
    public function momentOn(TaskSubject $subject, WorkingHours $house): ?array
    {
        if (!DateMoment::comes($subject, $this->on->field) || !$subject->status->isOpen()) {
            return null;
        }
        $at = DateMoment::of($this->on, $subject, $house);

        return $at === DateMoment::BEFORE_ALL || $at === DateMoment::AFTER_ALL
            ? null
            : [DateMoment::hangsOn($subject, $this->on->field), $at];
    }
}
