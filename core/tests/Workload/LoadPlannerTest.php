<?php

declare(strict_types=1);

use OpenBaton\Core\People\Capacity;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Time\HoursLessBlocks;
use OpenBaton\Core\Time\Span;
use OpenBaton\Core\Time\WorkingHours;
use OpenBaton\Core\Workload\DayLoad;
use OpenBaton\Core\Workload\LoadPlan;
use OpenBaton\Core\Workload\LoadPlanner;
use OpenBaton\Core\Workload\LoadRatio;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\WorkItem;

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
    expect($plan->finishes)
        ->toBe(['a' => Build::at('2026-03-03 11:00')])
        ->and(figures($plan)[0])
        ->toBe([480, 0, 0])
        ->and(figures($plan)[1])
        ->toBe([480, 60, 0]);
});

it('counts the days of the horizon and what is late at the end of each', function (): void {
    // Ten hours due on Monday: eight fit, two are late on Monday and done on Tuesday.
    $plan = planned([
        Build::item('a', 'oona', 600, '2026-03-02 17:00'),
        Build::item('b', 'oona', 120, '2026-03-06 17:00'),
    ]);
    expect(figures($plan))
        ->toBe([[480, 480, 120], [480, 240, 0], [480, 0, 0], [480, 0, 0], [480, 0, 0]])
        ->and($plan->ratio()->percent())
        ->toBe(30);
});

it('takes the share of working time, and what is left of today', function (): void {
    // From 13:00, four hours are left of Monday; four fifths of the time are for tasks.
    $plan = planned([Build::item('a', 'oona', 200)], '2026-03-02 13:00', Capacity::percent(80));
    expect(figures($plan))
        ->toBe([[192, 192, 0], [384, 8, 0], [384, 0, 0], [384, 0, 0], [384, 0, 0]])
        // Eight minutes of effort take ten minutes of working time.
        ->and($plan->finishes['a'])
        ->toBe(Build::at('2026-03-03 09:10'));
});

it('spreads fixed minutes a day over the working time of the day', function (): void {
    $plan = planned([Build::item('a', 'oona', 150)], capacity: Capacity::minutesADay(240));
    // 240 of 480 minutes: half of the time.
    expect($plan->days[0]->capacity)->toBe(240)->and($plan->finishes['a'])->toBe(Build::at('2026-03-02 14:00'));
});

it('starts the horizon at the next day with working time left', function (): void {
    $plan = planned([], '2026-03-06 17:00');
    $days = array_map(
        static fn(DayLoad $day): string => $day->date->format(),
        array_filter($plan->days, static fn(DayLoad $day): bool => $day->working),
    );
    expect(array_values($days))
        ->toBe(['2026-03-09', '2026-03-10', '2026-03-11', '2026-03-12', '2026-03-13'])
        ->and($plan->capacity)
        ->toBe(2400);
});

it('keeps days of absence in the horizon, without capacity', function (): void {
    $presence = new HoursLessBlocks(Build::calendar(), [new Span(Build::at('2026-03-02'), Build::at('2026-03-05'))]);
    $plan = planned([Build::item('a', 'oona', 60, '2026-03-03 12:00')], presence: $presence);
    expect(figures($plan))
        ->toBe([[0, 0, 0], [0, 0, 60], [0, 0, 60], [480, 60, 0], [480, 0, 0]])
        ->and($plan->finishes['a'])
        ->toBe(Build::at('2026-03-05 10:00'))
        ->and($plan->capacity)
        ->toBe(960);
});

it('presses with all that is due or undated, and with later work as far as it is done', function (): void {
    $plan = planned([
        Build::item('due', 'oona', 300, '2026-03-03'),
        Build::item('later', 'oona', 3000, '2026-05-01'),
        Build::item('undated', 'oona', 500),
    ]);
    // 2400 in all: 300 due, then 2100 of the later work, then nothing of the undated 500.
    expect([$plan->ratio()->pressing, $plan->ratio()->capacity])->toBe([300 + 2100 + 500, 2400]);
});

it('is above 1 only for work that cannot be done in the horizon', function (): void {
    expect(
        planned([Build::item('a', 'oona', 2400, '2026-03-06')])
            ->ratio()
            ->percent(),
    )
        ->toBe(100)
        ->and(
            planned([Build::item('a', 'oona', 3600, '2026-03-06')])
                ->ratio()
                ->percent(),
        )
        ->toBe(150);
});

it('does work that is done in no time at once', function (): void {
    expect(planned([Build::item('a', 'oona', 0)])->finishes)
        ->toBe(['a' => Build::at('2026-03-02 09:00')])
        ->and(planned([Build::item('a', 'oona', 0, start: '2026-03-04 10:00')])->finishes)
        ->toBe(['a' => Build::at('2026-03-04 10:00')])
        ->and(planned([Build::item('a', 'oona', 0, start: '2026-02-04 10:00')])->finishes)
        ->toBe(['a' => Build::at('2026-03-02 09:00')]);
});

it('goes on past the horizon where asked to', function (): void {
    $items = [Build::item('a', 'oona', 2460)];
    expect(planned($items)->finishes)
        ->toBe([])
        ->and(planned($items, toTheEnd: true)->finishes)
        ->toBe(['a' => Build::at('2026-03-09 10:00')])
        // Seven days of work: the second of them that lies behind the horizon is Tuesday.
        ->and(planned([Build::item('a', 'oona', 7 * 480)], toTheEnd: true)->finishes)
        ->toBe(['a' => Build::at('2026-03-10 17:00')]);
});

it('knows the ratio with one more task without planning it', function (): void {
    mt_srand(20260302);
    $dues = [null, '2026-03-02 12:00', '2026-03-04 12:00', '2026-03-06 17:00', '2026-03-20', '2026-04-20'];
    for ($round = 0; $round < 500; ++$round) {
        $items = [];
        for ($number = mt_rand(0, 8); $number > 0; --$number) {
            $items[] = Build::item("t{$number}", 'oona', mt_rand(1, 12) * 60, $dues[mt_rand(0, 5)]);
        }
        $minutes = mt_rand(1, 30) * 60;
        $due = $dues[mt_rand(0, 5)];
        $foretold = planned($items)->ratioWith($minutes, $due === null ? null : Build::at($due));
        $real = planned([...$items, Build::item('new', 'oona', $minutes, $due)])->ratio();
        expect([$foretold->pressing, $foretold->capacity])->toBe([$real->pressing, $real->capacity]);
    }
});

it('minimises the maximum lateness', function (): void {
    // Against every order of five tasks, done one after the other on one day.
    mt_srand(5);
    for ($round = 0; $round < 40; ++$round) {
        $items = [];
        for ($number = 0; $number < 5; ++$number) {
            $items[] = Build::item(
                "t{$number}",
                'oona',
                mt_rand(1, 6) * 10,
                gmdate('Y-m-d H:i', Build::at('2026-03-02 09:00') + mt_rand(1, 30) * 600),
            );
        }
        $finishes = planned($items)->finishes;
        $planLateness = max(
            array_map(static fn(WorkItem $item): int => $finishes[$item->id] - (int) $item->dueAt, $items),
        );
        expect($planLateness)->toBe(leastLateness($items, Build::at('2026-03-02 09:00')));
    }
});

/** @param list<WorkItem> $items */
function leastLateness(array $items, int $now): int
{
    if ($items === []) {
        return PHP_INT_MIN;
    }
    $least = PHP_INT_MAX;
    foreach ($items as $index => $item) {
        $rest = $items;
        array_splice($rest, $index, 1);
        $finish = $now + $item->effort->left() * 60;
        $least = min($least, max($finish - (int) $item->dueAt, leastLateness($rest, $finish)));
    }

    return $least;
}

it('compares ratios exactly, with nobody below one without capacity', function (): void {
    expect((new LoadRatio(1, 3))->compare(new LoadRatio(2, 6)))
        ->toBe(0)
        ->and((new LoadRatio(0, 0))->compare(new LoadRatio(999, 1)))
        ->toBe(1)
        ->and((new LoadRatio(0, 0))->compare(new LoadRatio(5, 0)))
        ->toBe(0)
        ->and((new LoadRatio(0, 0))->value())
        ->toBe(INF)
        ->and((new LoadRatio(0, 0))->percent())
        ->toBeNull()
        ->and((new LoadRatio(90, 100))->exceedsPercent(90))
        ->toBeFalse()
        ->and((new LoadRatio(901, 1000))->exceedsPercent(90))
        ->toBeTrue()
        ->and((new LoadRatio(0, 0))->exceedsPercent(1000))
        ->toBeTrue();
});
