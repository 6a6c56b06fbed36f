<?php

declare(strict_types=1);

namespace OpenBaton\Core\Timer;

use OpenBaton\Core\Rulebook\Event\DateReached;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Time\WorkingHours;

/**
 * Timers that hang on one date field, at one time of day and by one unit of
 * distance. A longer distance is never reached earlier, so that those of a
 * stretch of time are found by halving, however many there are.
 */
final readonly class DateTimers
{
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
     * Those that a task or a case reaches after an instant, in order of time.
     *
     * @return iterable<array{int, RuleTimer}> with the instant
     */
    public function after(Subject $subject, int $after, WorkingHours $house): iterable
    {
        if (!DateMoment::comes($subject, $this->timers[0][1]->field)) {
            return;
        }
        for ($place = $this->firstAfter($subject, $after, $house); $place < count($this->timers); ++$place) {
            [$timer, $event] = $this->timers[$place];
            $at = DateMoment::of($event, $subject, $house);
            if ($at === DateMoment::AFTER_ALL) {
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
            if (DateMoment::of($this->timers[$middle][1], $subject, $house) > $after) {
                $high = $middle;
            } else {
                $low = $middle + 1;
            }
        }

        return $low;
    }
}
