<?php

declare(strict_types=1);

use OpenBaton\Core\People\Capacity;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Time\HoursLessBlocks;
use OpenBaton\Core\Time\Span;
use OpenBaton\Core\Workload\DayLoad;
use OpenBaton\Core\Workload\LoadPlan;
use OpenBaton\Core\Workload\Priority;

require_once __DIR__ . '/LoadPlannerFunctions.php';

/** @return list<list<int>> capacity, planned and late of each day */
function figures(LoadPlan $plan): array
{
    return array_map(static fn(DayLoad $day): array => [$day->capacity, $day->planned, $day->late], $plan->days);
}

it('does what is due first first, whatever came first', function (): void {
    $plan = planned([
        Build::item('a', 'oona', 120),
        Build::item('b', 'oona', 60, '2026-03-04'),
        Build::item('c', 'oona', 60, '2026-03-03'),
    ]);
    expect($plan->finishes)->toBe([
        'c' => Build::at('2026-03-02 10:00'),
        'b' => Build::at('2026-03-02 11:00'),
        'a' => Build::at('2026-03-02 13:00'),
    ]);
});

it('breaks ties by priority, then age, then id', function (): void {
    $plan = planned([
        Build::item('d', 'oona', 60, created: '2026-01-02'),
        Build::item('c', 'oona', 60, created: '2026-01-02'),
        Build::item('b', 'oona', 60, created: '2026-01-01'),
        Build::item('a', 'oona', 60, priority: Priority::High, created: '2026-01-09'),
    ]);
    expect(array_keys($plan->finishes))->toBe(['a', 'b', 'c', 'd']);
});

it('interrupts a task for one that starts later and is due earlier', function (): void {
    $plan = planned([
        Build::item('long', 'oona', 180, '2026-03-05'),
        Build::item('soon', 'oona', 60, '2026-03-02 12:00', '2026-03-02 10:00'),
    ]);
    expect($plan->finishes)->toBe([
        'soon' => Build::at('2026-03-02 11:00'),
        'long' => Build::at('2026-03-02 13:00'),
    ]);
});

it('idles until a task can be started', function (): void {
    $plan = planned([Build::item('a', 'oona', 60, null, '2026-03-03 10:00')]);
    expect($plan->finishes)->toBe(['a' => Build::at('2026-03-03 11:00')]);
    expect(figures($plan)[0])->toBe([480, 0, 0]);
    expect(figures($plan)[1])->toBe([480, 60, 0]);
});

it('counts the days of the horizon and what is late at the end of each', function (): void {
    // Ten hours due on Monday: eight fit, two are late on Monday and done on Tuesday.
    $plan = planned([
        Build::item('a', 'oona', 600, '2026-03-02 17:00'),
        Build::item('b', 'oona', 120, '2026-03-06 17:00'),
    ]);
    expect(figures($plan))->toBe([[480, 480, 120], [480, 240, 0], [480, 0, 0], [480, 0, 0], [480, 0, 0]]);
    expect($plan->ratio()->percent())->toBe(30);
});

it('takes the share of working time, and what is left of today', function (): void {
    // From 13:00, four hours are left of Monday; four fifths of the time are for tasks.
    $plan = planned([Build::item('a', 'oona', 200)], '2026-03-02 13:00', Capacity::percent(80));
    expect(figures($plan))->toBe([[192, 192, 0], [384, 8, 0], [384, 0, 0], [384, 0, 0], [384, 0, 0]]);

    // Eight minutes of effort take ten minutes of working time.
    expect($plan->finishes['a'])->toBe(Build::at('2026-03-03 09:10'));
});

it('spreads fixed minutes a day over the working time of the day', function (): void {
    $plan = planned([Build::item('a', 'oona', 150)], capacity: Capacity::minutesADay(240));
    // 240 of 480 minutes: half of the time.
    expect($plan->days[0]->capacity)->toBe(240);
    expect($plan->finishes['a'])->toBe(Build::at('2026-03-02 14:00'));
});

it('starts the horizon at the next day with working time left', function (): void {
    $plan = planned([], '2026-03-06 17:00');
    $days = array_map(
        static fn(DayLoad $day): string => $day->date->format(),
        array_filter($plan->days, static fn(DayLoad $day): bool => $day->working),
    );
    expect(array_values($days))->toBe(['2026-03-09', '2026-03-10', '2026-03-11', '2026-03-12', '2026-03-13']);
    expect($plan->capacity)->toBe(2400);
});

it('keeps days of absence in the horizon, without capacity', function (): void {
    $presence = new HoursLessBlocks(Build::calendar(), [new Span(Build::at('2026-03-02'), Build::at('2026-03-05'))]);
    $plan = planned([Build::item('a', 'oona', 60, '2026-03-03 12:00')], presence: $presence);
    expect(figures($plan))->toBe([[0, 0, 0], [0, 0, 60], [0, 0, 60], [480, 60, 0], [480, 0, 0]]);
    expect($plan->finishes['a'])->toBe(Build::at('2026-03-05 10:00'));
    expect($plan->capacity)->toBe(960);
});
