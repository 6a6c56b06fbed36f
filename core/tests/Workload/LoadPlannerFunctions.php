<?php

declare(strict_types=1);

use OpenBaton\Core\People\Capacity;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Time\WorkingHours;
use OpenBaton\Core\Workload\LoadPlan;
use OpenBaton\Core\Workload\LoadPlanner;
use OpenBaton\Core\Workload\WorkItem;
use Random\Randomizer;

// Monday 2 March 2026, 09:00 UTC; eight hours a day, Monday to Friday.
function planned(
    array $items,
    string $now = '2026-03-02 09:00',
    ?Capacity $capacity = null,
    ?WorkingHours $presence = null,
    bool $toTheEnd = false,
): LoadPlan {
    $hours = Build::calendar();

    return LoadPlanner::plan(
        $hours,
        $presence ?? $hours,
        $capacity ?? Capacity::percent(100),
        $items,
        Build::at($now),
        5,
        $toTheEnd,
    );
}

/**
 * Within the first two working days.
 *
 * @param bool $hours all in whole hours
 *
 * @return list<WorkItem>
 */
function randomItems(Randomizer $random, int $count, bool $hours = false, bool $starts = true): array
{
    $items = [];
    for ($number = 0; $number < $count; ++$number) {
        $at = static fn(int $hour): string => gmdate('Y-m-d H:i', instantOf($hour));
        $start = $starts && $random->getInt(0, 2) === 0 ? $random->getInt(1, 10) : 0;
        $items[] = Build::item(
            "t{$number}",
            'oona',
            $hours ? 60 * $random->getInt(1, 4) : $random->getInt(1, 300),
            !$hours && $random->getInt(0, 5) === 0 ? null : $at($random->getInt(max(1, $start), 15)),
            $start === 0 ? null : $at($start),
        );
    }

    return $items;
}

/** So many working hours after Monday at nine; the end of a day is the beginning of none. */
function instantOf(int $hour): int
{
    return Build::at('2026-03-02 09:00') + 86_400 * intdiv($hour, 8) + 3_600 * ($hour % 8);
}

function hourOf(int $instant): int
{
    $days = intdiv($instant - Build::at('2026-03-02 09:00'), 86_400);

    return 8 * $days + min(8, intdiv($instant - Build::at('2026-03-02 09:00') - 86_400 * $days, 3_600));
}

/**
 * Of all schedules hour by hour.
 *
 * @param list<WorkItem> $items in whole hours, all dated
 *
 * @return int hours
 */
function leastLateness(array $items): int
{
    $known = [];
    $from = static function (int $hour, array $left) use (&$from, &$known, $items): int {
        if (array_sum($left) === 0) {
            return 0;
        }
        $key = $hour . ' ' . implode(' ', $left);
        if (isset($known[$key])) {
            return $known[$key];
        }
        $best = null;
        foreach ($left as $place => $hours) {
            if ($hours === 0 || ($items[$place]->startAt !== null && hourOf($items[$place]->startAt) > $hour)) {
                continue;
            }
            $done = $hours === 1 ? $hour + 1 - hourOf((int) $items[$place]->dueAt) : 0;
            $next = max($done, $from($hour + 1, array_replace($left, [$place => $hours - 1])));
            $best = min($best ?? $next, $next);
        }

        return $known[$key] = $best ?? $from($hour + 1, $left);
    };

    return max(0, $from(0, array_map(static fn(WorkItem $one): int => intdiv($one->effort->left(), 60), $items)));
}
