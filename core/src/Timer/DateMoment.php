<?php

declare(strict_types=1);

namespace OpenBaton\Core\Timer;

use OpenBaton\Core\Rulebook\Event\DateReached;
use OpenBaton\Core\Subject\Follow;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Time\NoWorkingTime;
use OpenBaton\Core\Time\WorkingHours;
use OpenBaton\Core\Workload\TaskStatus;

/** When a date of a task or a case is reached, at a distance from it and at a time of day. */
final class DateMoment
{
    /** Stand for "never" at either end: there is no working day so far away. */
    public const BEFORE_ALL = PHP_INT_MIN;
    public const AFTER_ALL = PHP_INT_MAX;

    /** A due date is overdue on open tasks only; what is dropped, or a case that is closed, is done with. */
    public static function comes(Subject $subject, string $field): bool
    {
        return ($subject instanceof TaskSubject ? $subject->status !== TaskStatus::Dropped : $subject->isOpen()) &&
            ($field !== 'task.due' || $subject->isOpen()) &&
            self::hangsOn($subject, $field) !== '';
    }

    /** The date as it is now, so that another date is told from it; empty where there is none. */
    public static function hangsOn(Subject $subject, string $field): string
    {
        $value = $subject->moment($field) ?? ($subject->fields[$field] ?? '');

        return is_scalar($value) ? (string) $value : '';
    }

    /** @return int instant, or one that stands for never */
    public static function of(DateReached $event, Subject $subject, WorkingHours $house): int
    {
        try {
            $exact = $subject->moment($event->field);
            if ($exact !== null && $event->time === null) {
                return $event->offset->fromInstant($exact, $house);
            }
            $date = Follow::date($event->field, $subject, $house);
            $minute = $event->time->minute ?? 0;

            return match (true) {
                $date === null => self::AFTER_ALL,
                $event->offset->unit->isOfClock() => $event->offset->fromInstant(
                    $house->zone()->instant($date, $minute),
                    $house,
                ),
                default => $house->zone()->instant($event->offset->fromDate($date, $house), $minute),
            };
        } catch (NoWorkingTime) {
            return $event->offset->amount < 0 ? self::BEFORE_ALL : self::AFTER_ALL;
        }
    }
}
