<?php

declare(strict_types=1);

use OpenBaton\Core\Levelling\Job;
use OpenBaton\Core\Levelling\Line;
use OpenBaton\Core\Levelling\Movable;
use OpenBaton\Core\Levelling\Reach;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Tests\Support\Build;
use Random\Randomizer;

/** @return list<Job> on one line, in the order of the load plan: by what is due first */
function jobsOf(Randomizer $random, int $most, bool $overdue = true): array
{
    $jobs = [];
    for ($count = $random->getInt(1, $most), $number = 0; $number < $count; ++$number) {
        $from = $random->getInt(0, 3) === 0 ? $random->getInt(0, 8) : 0;
        $late = $overdue && $random->getInt(0, 9) === 0;
        $due = $random->getInt(0, 5) === 0 ? null : $random->getInt($from, 14);
        $jobs[] = new Job("j{$number}", $random->getInt(1, 5), $late ? 0 : $from, $late ? 0 : $due, $late);
    }
    usort(
        $jobs,
        static fn(Job $a, Job $b): int => ($a->due ?? PHP_INT_MAX) <=> ($b->due ?? PHP_INT_MAX) ?:
        $a->taskId <=> $b->taskId,
    );

    return $jobs;
}

/**
 * Unit by unit: at each the first of those that may be begun is worked on.
 *
 * @param list<Job> $jobs
 */
function lateByUnits(array $jobs): int
{
    $left = array_map(static fn(Job $job): int => $job->work, $jobs);
    $late = 0;
    for ($at = 0; array_sum($left) > 0; ++$at) {
        foreach ($jobs as $index => $job) {
            if ($left[$index] > 0 && $job->from <= $at) {
                --$left[$index];
                $late += $job->due !== null && $at >= $job->due ? 1 : 0;
                break;
            }
        }
    }

    return $late;
}

/** @return array<string, Reach> of three people; one of them is away on Tuesday */
function threeReaches(): array
{
    $roster = new Roster(
        Build::calendar(),
        [Build::person('a'), Build::person('b'), Build::person('c')],
        absences: [Build::absence('b', '2026-03-03', '2026-03-04')],
    );
    $now = Build::at('2026-03-02 09:00');

    return array_map(
        static fn($person): Reach => new Reach($person, $roster->presenceOf($person->id), $now),
        $roster->people,
    );
}

/** @return list<Movable> by what is due first */
function movables(Randomizer $random, int $count): array
{
    $tasks = [];
    for ($number = 0; $number < $count; ++$number) {
        $at = static fn(int $halfDays): int => Build::at('2026-03-02 13:00') + 43_200 * $halfDays;
        $start = $random->getInt(0, 3) === 0 ? $random->getInt(0, 3) : null;
        $eligible = array_values(array_filter(['a', 'b', 'c'], static fn(): bool => $random->getInt(0, 2) > 0));
        $eligible = $eligible === [] ? ['a'] : $eligible;
        $tasks[] = new Movable(
            "t{$number}",
            $random->getInt(60, 600) * 600_000,
            $eligible[0],
            $eligible,
            $start === null ? null : $at($start),
            $at($random->getInt($start ?? 0, 6)),
        );
    }
    usort($tasks, static fn(Movable $x, Movable $y): int => $x->dueAt <=> $y->dueAt ?: $x->id <=> $y->id);

    return $tasks;
}

/**
 * Of all assignments.
 *
 * @param list<Movable>        $tasks
 * @param array<string, Reach> $reach
 */
function leastLate(array $tasks, array $reach): int
{
    $best = PHP_INT_MAX;
    $assign = static function (int $place, array $by) use (&$assign, &$best, $tasks, $reach): void {
        if ($place < count($tasks)) {
            foreach ($tasks[$place]->eligible as $person) {
                $assign($place + 1, [...$by, $person]);
            }

            return;
        }
        $jobs = [];
        foreach ($by as $task => $person) {
            $jobs[$person][] = $tasks[$task]->on($reach[$person]);
        }
        $best = min($best, array_sum(array_map(static fn(array $of): int => (new Line($of))->late(), $jobs)));
    };
    $assign(0, []);

    return $best;
}
