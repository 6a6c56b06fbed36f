<?php

declare(strict_types=1);

namespace OpenBaton\Core\Workload;

use OpenBaton\Core\People\Capacity;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Time\WorkingHours;

/**
 * Plans one person's work: at every working moment the task that can be
 * worked on and is due first; a task may be interrupted.
 *
 * This minimises the maximum lateness of one person (Jackson 1955; with start dates Horn 1974), so a task that the plan
 * finishes late cannot be in time without making another one later.
 *
 * Effort is counted in units of a ten-thousandth of a second, so that every share of capacity is exact.
 */
final class LoadPlanner
{
    private const FURTHEST_DAYS = 92;

    private const UNITS_A_MINUTE = 60 * Capacity::WHOLE;

    /** @var list<WorkItem> in the order of compare() */
    private array $items;

    /** @var array<int, int> units in all, by index of $items */
    private array $whole;

    /** @var array<int, int> units left */
    private array $left;

    /** @var array<array-key, int> */
    private array $finishes;

    /** Null: nobody asks for it of a plan that ends with the horizon. */
    private ?PlanRecord $record;

    private function __construct() {}

    /**
     * The horizon is $workingDays days on which the person's calendar has
     * working hours, absent or not, today among them while it has any left.
     *
     * @param WorkingHours   $hours    the calendar, absences apart
     * @param WorkingHours   $presence the same, less absences
     * @param list<WorkItem> $items    in any order
     * @param bool           $toTheEnd go on past the horizon until all is done or three months are over
     */
    public static function plan(
        WorkingHours $hours,
        WorkingHours $presence,
        Capacity $capacity,
        array $items,
        int $now,
        int $workingDays = 5,
        bool $toTheEnd = false,
    ): LoadPlan {
        return (new self())->run($hours, $presence, $capacity, $items, $now, $workingDays, $toTheEnd);
    }

    /** @param list<WorkItem> $items in any order */
    public static function ofPerson(
        Person $person,
        Roster $roster,
        array $items,
        int $now,
        int $workingDays = 5,
        bool $toTheEnd = false,
    ): LoadPlan {
        return self::plan(
            $person->hours,
            $roster->presenceOf($person->id),
            $person->capacity,
            $items,
            $now,
            $workingDays,
            $toTheEnd,
        );
    }

    /** @param list<WorkItem> $items */
    private function run(
        WorkingHours $hours,
        WorkingHours $presence,
        Capacity $capacity,
        array $items,
        int $now,
        int $workingDays,
        bool $toTheEnd,
    ): LoadPlan {
        usort($items, WorkItem::compare(...));
        $this->items = $items;
        $units = static fn(WorkItem $item): int => $item->load($capacity->measure) * self::UNITS_A_MINUTE;
        $this->whole = $this->left = array_map($units, $items);
        $this->finishes = [];
        $this->record = $toTheEnd ? new PlanRecord() : null;
        foreach ($items as $index => $item) {
            if ($this->left[$index] === 0) {
                $this->finishes[$item->id] = max($now, $item->startAt ?? $now);
            }
        }

        $zone = $hours->zone();
        $days = [];
        $capacityUnits = 0;
        $date = $zone->dateAt($now);
        // A shift that began yesterday and still runs is shown with today, at the pace of the day on which it began.
        $yesterday = $date->plus(-1);
        $carried = Stretch::ofDay($hours->spansOf($yesterday), $presence->spansOf($yesterday), $capacity, $now);
        $counted = 0;
        for ($day = 0; $day < self::FURTHEST_DAYS && $counted < $workingDays; ++$day, $date = $date->plus(1)) {
            $spans = $hours->spansOf($date);
            $working = $spans !== [] && end($spans)->to > $now;
            $units = 0;
            $done = 0;
            foreach ([...$carried, ...Stretch::ofDay($spans, $presence->spansOf($date), $capacity, $now)] as $stretch) {
                $units += $stretch->between($stretch->from, $stretch->to);
                $done += $this->work($stretch);
            }
            $carried = [];
            $capacityUnits += $units;
            $end = $zone->instant($date->plus(1), 0);
            $days[] = new DayLoad(
                $date,
                $working,
                self::minutes($units),
                self::minutes($done),
                self::minutes($this->leftDueBy($end)),
            );
            $counted += $working ? 1 : 0;
        }
        $horizonEnd = $zone->instant($date, 0);
        [$due, $undated, $dueDone, $laterDone] = $this->sums($horizonEnd, $now);

        while ($toTheEnd && $day < self::FURTHEST_DAYS && array_sum($this->left) > 0) {
            foreach (Stretch::ofDay($hours->spansOf($date), $presence->spansOf($date), $capacity, $now) as $stretch) {
                $this->work($stretch);
            }
            ++$day;
            $date = $date->plus(1);
        }

        return new LoadPlan(
            $days,
            $this->finishes,
            $horizonEnd,
            self::minutes($capacityUnits),
            $due,
            $undated,
            $dueDone,
            $laterDone,
            $this->record?->late($this->items, $this->left, self::UNITS_A_MINUTE) ?? [],
            $this->record?->freeFrom(),
            $this->record?->blocks() ?? [],
        );
    }

    /** Works through a stretch and answers the units of effort done. */
    private function work(Stretch $stretch): int
    {
        $done = 0;
        $now = $stretch->from;
        while ($now < $stretch->to) {
            [$chosen, $until] = $this->next($now, $stretch->to);
            if ($chosen === null) {
                $this->record?->idle($now);
                $now = $until;

                continue;
            }
            $possible = $stretch->between($now, $until);
            $units = min($this->left[$chosen], $possible);
            $from = $now;
            $now = $units < $possible ? min($until, $stretch->doneAt($now, $units)) : $until;
            $this->left[$chosen] -= $units;
            $done += $units;
            $this->record?->worked($this->items[$chosen], $from, $now, $units, $stretch);
            if ($this->left[$chosen] === 0) {
                $this->finishes[$this->items[$chosen]->id] = $now;
            }
        }

        return $done;
    }

    /**
     * @return array{int|null, int} the index of the task to work on, and until when nothing that starts later may
     *     interrupt
     */
    private function next(int $now, int $to): array
    {
        $until = $to;
        foreach ($this->items as $index => $item) {
            if ($this->left[$index] === 0) {
                continue;
            }
            if ($item->startAt === null || $item->startAt <= $now) {
                return [$index, $until];
            }
            $until = min($until, $item->startAt);
        }

        return [null, $until];
    }

    private function leftDueBy(int $instant): int
    {
        $units = 0;
        foreach ($this->items as $index => $item) {
            if ($item->dueAt === null || $item->dueAt > $instant) {
                break;
            }
            $units += $this->left[$index];
        }

        return $units;
    }

    /** @return array{int, int, int, int} due work, undated work, and what is done of due and of later work */
    private function sums(int $horizonEnd, int $now): array
    {
        $due = $undated = $dueDone = $laterDone = 0;
        foreach ($this->items as $index => $item) {
            if (($item->startAt ?? $now) >= $horizonEnd) {
                continue;
            }
            $effort = $this->whole[$index];
            $done = $effort - $this->left[$index];
            if ($item->dueAt === null) {
                $undated += $effort;
            } elseif ($item->dueAt <= $horizonEnd) {
                $due += $effort;
                $dueDone += $done;
            } else {
                $laterDone += $done;
            }
        }

        return array_map(self::minutes(...), [$due, $undated, $dueDone, $laterDone]);
    }

    private static function minutes(int $units): int
    {
        return intdiv($units, self::UNITS_A_MINUTE);
    }
}
