<?php

declare(strict_types=1);

use OpenBaton\Core\People\Capacity;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Time\HoursLessBlocks;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\MinuteRange;
use OpenBaton\Core\Time\Span;
use OpenBaton\Core\Time\WeeklyPattern;
use OpenBaton\Core\Time\WorkCalendar;
use OpenBaton\Core\Time\Zone;
use OpenBaton\Core\Workload\DayLoad;
use OpenBaton\Core\Workload\LoadPlanner;
use OpenBaton\Core\Workload\Stretch;
use OpenBaton\Core\Workload\Work;

const UNITS_A_MINUTE = 600_000;

function nights(int ...$weekdays): WorkCalendar
{
    return Build::calendar('UTC', '22:00-06:00', array_values($weekdays));
}

/** @return list<int> minutes of capacity by day */
function capacities(array $days): array
{
    return array_map(static fn(DayLoad $day): int => $day->capacity, $days);
}

it('goes on with the shift that began yesterday', function (): void {
    // Tuesday 3 March, 02:00: half of the last four hours, then half of each night, the weekend without.
    $hours = nights(1, 2, 3, 4, 5);
    $plan = LoadPlanner::plan(
        $hours,
        $hours,
        Capacity::percent(50),
        [Build::item('t', 'oona', 150)],
        Build::at('2026-03-03 02:00'),
    );
    expect(capacities($plan->days))->toBe([360, 240, 240, 240, 0, 0, 240]);
    expect($plan->capacity)->toBe(1320);

    // 120 minutes by 06:00, 30 from 22:00 on.
    expect($plan->finishes)->toBe(['t' => Build::at('2026-03-03 23:00')]);
    expect(array_map(static fn(DayLoad $day): bool => $day->working, $plan->days))->toBe([
        true,
        true,
        true,
        true,
        false,
        false,
        true,
    ]);
});

it('goes on at the pace of the day on which it began', function (): void {
    // 240 minutes a day: a night of eight hours goes at half pace, a day of two hours has no more than these.
    $hours = new WorkCalendar(new Zone('UTC'), [
        new WeeklyPattern(LocalDate::parse('2020-01-01'), [
            1 => [MinuteRange::parse('22:00-06:00')],
            2 => [MinuteRange::parse('10:00-12:00')],
        ]),
    ]);
    $plan = LoadPlanner::plan(
        $hours,
        $hours,
        Capacity::minutesADay(240),
        [Build::item('t', 'oona', 130)],
        Build::at('2026-03-03 02:00'),
        3,
    );
    expect(capacities($plan->days))->toBe([240, 0, 0, 0, 0, 0, 240, 120]);
    expect($plan->finishes['t'])->toBe(Build::at('2026-03-03 10:10'));
});

it('counts neither of two absences, the second over midnight', function (): void {
    $hours = nights(1, 2, 3, 4, 5);
    $presence = new HoursLessBlocks($hours, [
        new Span(Build::at('2026-03-03 03:00'), Build::at('2026-03-03 04:00')),
        new Span(Build::at('2026-03-03 23:00'), Build::at('2026-03-04 03:00')),
    ]);
    $plan = LoadPlanner::plan(
        $hours,
        $presence,
        Capacity::percent(100),
        [Build::item('t', 'oona', 300)],
        Build::at('2026-03-03 02:00'),
        2,
    );
    expect(capacities($plan->days))->toBe([3 * 60 + 4 * 60, 480]);

    // 1 hour, 2 hours, 1 hour on Tuesday evening, and the fifth from 03:00.
    expect($plan->finishes['t'])->toBe(Build::at('2026-03-04 04:00'));
});

it('does exactly its capacity in a whole day', function (int $minutes, string $hours, int $expected): void {
    $calendar = Build::calendar('UTC', $hours);
    $plan = LoadPlanner::plan(
        $calendar,
        $calendar,
        Capacity::minutesADay($minutes),
        [Build::item('t', 'oona', 5 * $expected)],
        Build::at('2026-03-02 00:00'),
    );
    expect($plan->capacity)->toBe(5 * $expected);
    expect(capacities($plan->days))->toBe([$expected, $expected, $expected, $expected, $expected]);
    expect($plan->ratio()->exceedsPercent(100))->toBeFalse();
    expect($plan->ratio()->percent())->toBe(100);
    expect($plan->finishes)->toHaveKey('t');
    expect($plan->days[4]->late)->toBe(0);
})->with([
    [100, '09:00-16:00', 100],
    [7, '09:00-17:00', 7],
    [1, '09:00-17:00', 1],
    [333, '08:00-17:13', 333],
    [600, '09:00-10:01', 61],
]);

it('cuts a day at any second without losing effort', function (): void {
    $day = [new Span(0, 7 * 3600), new Span(8 * 3600, 9 * 3600)];
    [$morning, $evening] = Stretch::ofDay($day, $day, Capacity::minutesADay(100), 0);
    expect($morning->between($morning->from, $morning->to) + $evening->between($evening->from, $evening->to))->toBe(
        100 * UNITS_A_MINUTE,
    );
    foreach ([1, 2, 59, 3601, 12_345, 25_199] as $cut) {
        expect($morning->between(0, $cut) + $morning->between($cut, $morning->to))->toBe(
            $morning->between(0, $morning->to),
        );
        $units = $morning->between(0, $cut);
        expect($morning->doneAt(0, $units))->toBe($cut);
    }
});

it('knows when so much is done, from wherever it begins', function (): void {
    $day = [new Span(1000, 4600), new Span(9000, 12_600)];
    foreach (Stretch::ofDay($day, $day, Capacity::minutesADay(77), 0) as $stretch) {
        foreach ([0, 1, 59, 1800, 3599] as $from) {
            foreach ([1, 60, 3000, 3600] as $to) {
                if ($to > $from) {
                    expect(
                        $stretch->doneAt(
                            $stretch->from + $from,
                            $stretch->between($stretch->from + $from, $stretch->from + $to),
                        ),
                    )->toBe($stretch->from + $to);
                }
            }
        }
    }
});

it('is late by the end of the day on which it is due, midnight among it', function (
    string $due,
    array $late,
    int $percent,
): void {
    // Ten hours of work and eight of the day; forty in the horizon, which ends at midnight after Friday.
    $hours = Build::calendar();
    $plan = LoadPlanner::plan(
        $hours,
        $hours,
        Capacity::percent(100),
        [Build::item('t', 'oona', $percent === 125 ? 3000 : 600, $due)],
        Build::at('2026-03-02 09:00'),
    );
    expect(array_map(static fn(DayLoad $one): int => $one->late, $plan->days))->toBe($late);
    expect($plan->ratio()->percent())->toBe($percent);
})->with([
    ['2026-03-03 00:00:00', [120, 0, 0, 0, 0], 25],
    ['2026-03-03 00:00:01', [0, 0, 0, 0, 0], 25],
    ['2026-03-07 00:00:00', [0, 0, 0, 0, 600], 125],
]);
