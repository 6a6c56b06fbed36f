<?php

declare(strict_types=1);

use OpenBaton\Core\People\Capacity;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Time\Span;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\LoadBook;
use OpenBaton\Core\Workload\LoadPlanner;
use OpenBaton\Core\Workload\LoadView;
use OpenBaton\Core\Workload\Stretch;
use OpenBaton\Core\Workload\Work;

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
    expect($bounds(0, $day))->toBe([[0, 3600, 18_000_000], [7200, 10_800, 18_000_000]]);
    expect($bounds(1800, $day))->toBe([[1800, 3600, 9_000_000], [7200, 10_800, 18_000_000]]);
    expect($bounds(3600, $day))->toBe([[7200, 10_800, 18_000_000]]);
    expect($bounds(9000, $day))->toBe([[9000, 10_800, 9_000_000]]);
    expect($bounds(10_800, $day))->toBe([]);
    expect($bounds(0, [new Span(3000, 8000)]))->toBe([[3000, 3600, 3_000_000], [7200, 8000, 4_000_000]]);
    expect($bounds(0, []))->toBe([]);
});

it('counts a task by when it can be started', function (?string $start, ?string $due, ?int $percent): void {
    // 2340 minutes from Monday 10:00 to Friday 17:00; the horizon ends at midnight.
    $roster = new Roster(Build::calendar(), [Build::person('ayumi')]);
    $subject = new TaskSubject(
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
    expect($book->plan('ayumi', $work->held('ayumi'), $at + 59))->toBe($plan);
    expect($book->plan('ayumi', $work->held('ayumi'), $at + 60))->not->toBe($plan);
    expect($book->plan('ayumi', $work->held('ayumi'), $at + 3600)->capacity)->toBe(2280);
    expect($book->plan('femi', $work->held('femi'), $at)->undated)->toBe(0);
    expect($book->plan('ayumi', $work->held('ayumi'), $at)->undated)->toBe(60);
});
