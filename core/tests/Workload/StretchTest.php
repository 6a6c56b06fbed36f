<?php

declare(strict_types=1);

use OpenBaton\Core\People\Capacity;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Time\HoursLessBlocks;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\MinuteRange;
use OpenBaton\Core\Time\Span;
use OpenBaton\Core\Time\WeeklyPattern;
use OpenBaton\Core\Time\WorkCalendar;
use OpenBaton\Core\Time\Zone;
use OpenBaton\Core\Workload\DayLoad;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\LoadBook;
use OpenBaton\Core\Workload\LoadPlanner;
use OpenBaton\Core\Workload\LoadView;
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
    expect(capacities($plan->days))
        ->toBe([360, 240, 240, 240, 0, 0, 240])
        ->and($plan->capacity)
        ->toBe(1320)
        // 120 minutes by 06:00, 30 from 22:00 on.
        ->and($plan->finishes)
        ->toBe(['t' => Build::at('2026-03-03 23:00')])
        ->and(array_map(static fn(DayLoad $day): bool => $day->working, $plan->days))
        ->toBe([true, true, true, true, false, false, true]);
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
    expect(capacities($plan->days))
        ->toBe([240, 0, 0, 0, 0, 0, 240, 120])
        ->and($plan->finishes['t'])
        ->toBe(Build::at('2026-03-03 10:10'));
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
    expect(capacities($plan->days))
        ->toBe([3 * 60 + 4 * 60, 480])
        // 1 hour, 2 hours, 1 hour on Tuesday evening, and the fifth from 03:00.
        ->and($plan->finishes['t'])
        ->toBe(Build::at('2026-03-04 04:00'));
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
    expect($plan->capacity)
        ->toBe(5 * $expected)
        ->and(capacities($plan->days))
        ->toBe([$expected, $expected, $expected, $expected, $expected])
        ->and($plan->ratio()->exceedsPercent(100))
        ->toBeFalse()
        ->and($plan->ratio()->percent())
        ->toBe(100)
        ->and($plan->finishes)
        ->toHaveKey('t')
        ->and($plan->days[4]->late)
        ->toBe(0);
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
    expect(array_map(static fn(DayLoad $one): int => $one->late, $plan->days))
        ->toBe($late)
        ->and($plan->ratio()->percent())
        ->toBe($percent);
})->with([
    ['2026-03-03 00:00:00', [120, 0, 0, 0, 0], 25],
    ['2026-03-03 00:00:01', [0, 0, 0, 0, 0], 25],
    ['2026-03-07 00:00:00', [0, 0, 0, 0, 600], 125],
]);

it('leaves out what starts behind the horizon, and nothing after it', function (): void {
    $hours = Build::calendar();
    $plan = LoadPlanner::plan(
        $hours,
        $hours,
        Capacity::percent(100),
        [Build::item('later', 'oona', 600, '2026-03-20', '2026-03-10'), Build::item('now', 'oona', 240)],
        Build::at('2026-03-02 09:00'),
    );
    expect([$plan->undated, $plan->laterDone, $plan->ratio()->percent()])->toBe([240, 0, 10]);
});

it('does the capacity of a day exactly in however many parts', function (): void {
    // By second k floor(k × 6 000 000 ÷ 1100) is done: 5 454 545 by 1000, 5 727 272 by 1050, 6 000 000 by 1100.
    $day = [new Span(0, 1000), new Span(2000, 2050), new Span(3000, 3050)];
    $units = array_map(
        static fn(Stretch $stretch): int => $stretch->between($stretch->from, $stretch->to),
        Stretch::ofDay($day, $day, Capacity::minutesADay(10), 0),
    );
    expect($units)->toBe([5_454_545, 272_727, 272_728]);
});

it('presses with a task by what there is room for', function (
    int $minutes,
    ?string $due,
    array $items,
    int $percent,
): void {
    // 2400 minutes from Monday 09:00 to Friday 17:00.
    $hours = Build::calendar();
    $plan = LoadPlanner::plan($hours, $hours, Capacity::percent(100), $items, Build::at('2026-03-02 09:00'));
    expect($plan->ratioWith($minutes, $due === null ? null : Build::at($due))->percent())->toBe($percent);
})->with([
    'undated, on nothing' => [240, null, [], 10],
    'due later, more than there is room for' => [4800, '2026-03-20', [], 100],
    'due later, before what has no date' => [2400, '2026-03-20', [Build::item('u', 'oona', 2400)], 200],
    'due later, after what is due' => [2400, '2026-03-20', [Build::item('d', 'oona', 1200, '2026-03-06')], 100],
    'due later, beside what is due later' => [2400, '2026-03-20', [Build::item('l', 'oona', 1200, '2026-03-19')], 100],
    'due now, in the place of what is due later' => [
        1200,
        '2026-03-06',
        [Build::item('l', 'oona', 2400, '2026-03-20')],
        100,
    ],
    'due now, beside what has no date' => [1200, '2026-03-06', [Build::item('u', 'oona', 2400)], 150],
    'due now, too much' => [3600, '2026-03-06', [Build::item('l', 'oona', 600, '2026-03-20')], 150],
    'due at the very end of the horizon' => [3600, '2026-03-07 00:00', [], 150],
    'due a second later' => [3600, '2026-03-07 00:00:01', [], 100],
]);

it('begins where it is now, in whichever part of the day', function (): void {
    $day = [new Span(0, 3600), new Span(7200, 10_800)];
    $bounds = static fn(int $now, array $presence): array => array_map(
        static fn(Stretch $stretch): array => [
            $stretch->from,
            $stretch->to,
            $stretch->between($stretch->from, $stretch->to),
        ],
        Stretch::ofDay($day, $presence, Capacity::percent(50), $now),
    );
    expect($bounds(0, $day))
        ->toBe([[0, 3600, 18_000_000], [7200, 10_800, 18_000_000]])
        ->and($bounds(1800, $day))
        ->toBe([[1800, 3600, 9_000_000], [7200, 10_800, 18_000_000]])
        ->and($bounds(3600, $day))
        ->toBe([[7200, 10_800, 18_000_000]])
        ->and($bounds(9000, $day))
        ->toBe([[9000, 10_800, 9_000_000]])
        ->and($bounds(10_800, $day))
        ->toBe([])
        ->and($bounds(0, [new Span(3000, 8000)]))
        ->toBe([[3000, 3600, 3_000_000], [7200, 8000, 4_000_000]])
        ->and($bounds(0, []))
        ->toBe([]);
});

it('counts a task by when it can be started', function (?string $start, ?string $due, ?int $percent): void {
    // 2340 minutes from Monday 10:00 to Friday 17:00; the horizon ends at midnight.
    $roster = new Roster(Build::calendar(), [Build::person('ayumi')]);
    $subject = new Subject(
        't',
        0,
        new Effort(0, 120),
        startAt: $start === null ? null : Build::at($start),
        dueAt: $due === null ? null : Build::at($due),
    );
    $view = new LoadView(Work::of([]), new LoadBook($roster), Build::at('2026-03-02 10:00'), $subject, true);
    expect($view->ratioWith('ayumi')->percent())->toBe($percent);
})->with([
    'at once, undated' => [null, null, 5],
    'at once, due later' => [null, '2026-03-20', 5],
    'in the past' => ['2026-02-01', '2026-03-20', 5],
    'on Friday at 16:00, due later: one hour of it' => ['2026-03-06 16:00', '2026-03-20', 3],
    'on Friday at 16:00, undated: it presses' => ['2026-03-06 16:00', null, 5],
    'when the horizon ends' => ['2026-03-07 00:00', null, 0],
    'a second before' => ['2026-03-06 23:59:59', null, 5],
    'next week' => ['2026-03-09 09:00', null, 0],
    'next week, due later' => ['2026-03-09 09:00', '2026-03-20', 0],
]);

it('keeps a plan while work and minute are the same', function (): void {
    $roster = new Roster(Build::calendar(), [Build::person('ayumi'), Build::person('femi')]);
    $book = new LoadBook($roster);
    $work = Work::of([Build::item('t', 'ayumi', 60)]);
    $at = Build::at('2026-03-02 10:00');
    $plan = $book->plan('ayumi', $work->held('ayumi'), $at);
    expect($book->plan('ayumi', $work->held('ayumi'), $at + 59))
        ->toBe($plan)
        ->and($book->plan('ayumi', $work->held('ayumi'), $at + 60))
        ->not->toBe($plan)
        ->and($book->plan('ayumi', $work->held('ayumi'), $at + 3600)->capacity)
        ->toBe(2280)
        ->and($book->plan('femi', $work->held('femi'), $at)->undated)
        ->toBe(0)
        ->and($book->plan('ayumi', $work->held('ayumi'), $at)->undated)
        ->toBe(60);
});
