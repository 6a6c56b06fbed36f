<?php

declare(strict_types=1);

namespace OpenBaton\Core\Timer;

use OpenBaton\Core\Rulebook\Event\DateReached;
use OpenBaton\Core\Subject\Follow;
use OpenBaton\Core\Subject\StateFields;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Time\NoWorkingTime;
use OpenBaton\Core\Time\WorkingHours;
use OpenBaton\Core\Workload\TaskStatus;

/**
 * Timers that hang on one date field, at one time of day and by one unit of
 * distance. A longer distance is never reached earlier, so that those of a
 * stretch of time are found by halving, however many there are.
 */
final readonly class DateTimers
{
    /** Stand for "never" at either end: there is no working day so far away. */
    private const BEFORE_ALL = PHP_INT_MIN;

    private const AFTER_ALL = PHP_INT_MAX;

    /** @param non-empty-list<array{RuleTimer, DateReached}> $timers by distance */
    private function __construct(private array $timers) {}

    /**
     * @param iterable<RuleTimer> $timers
     *
     * @return list<self>
     */
    public static function grouped(iterable $timers): array
    {
        $groups = [];
        foreach ($timers as $timer) {
            $event = $timer->event;
            if ($event instanceof DateReached) {
                $groups["{$event->field}\n{$event->offset->unit->value}\n{$event->time?->format()}"][] = [
                    $timer,
                    $event,
                ];
            }
        }
        $sorted = [];
        foreach ($groups as $group) {
            usort(
                $group,
                static fn(array $one, array $other): int => $one[1]->offset->amount <=> $other[1]->offset->amount,
            );
            $sorted[] = new self($group);
        }

        return $sorted;
    }

    /**
     * Those that a task reaches after an instant, in order of time.
     *
     * @return iterable<array{int, RuleTimer}> with the instant
     */
    public function after(Subject $subject, int $after, WorkingHours $house): iterable
    {
        if (!self::isReachedBy($subject, $this->timers[0][1]->field)) {
            return;
        }
        for ($place = $this->firstAfter($subject, $after, $house); $place < count($this->timers); ++$place) {
            [$timer, $event] = $this->timers[$place];
            $at = self::moment($event, $subject, $house);
            if ($at === self::AFTER_ALL) {
                return;
            }
            if ($at >= $timer->since && $timer->mayConcern($subject)) {
                yield [$at, $timer];
            }
        }
    }

    private function firstAfter(Subject $subject, int $after, WorkingHours $house): int
    {
        [$low, $high] = [0, count($this->timers)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if (self::moment($this->timers[$middle][1], $subject, $house) > $after) {
                $high = $middle;
            } else {
                $low = $middle + 1;
            }
        }

        return $low;
    }

    /** A due date is overdue on open tasks only; what is dropped is done with. */
    private static function isReachedBy(Subject $subject, string $field): bool
    {
        return $subject->status !== TaskStatus::Dropped &&
            ($field !== 'task.due' || $subject->status->isOpen()) &&
            (StateFields::moment($field, $subject) ?? ($subject->fields[$field] ?? null)) !== null;
    }

    private static function moment(DateReached $event, Subject $subject, WorkingHours $house): int
    {
        try {
            $exact = StateFields::moment($event->field, $subject);
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
