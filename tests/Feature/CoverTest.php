<?php

declare(strict_types=1);

use App\Models\Absences\TaskCover;
use App\Models\Tasks\TaskChange;
use App\Tasks\StartTask;
use Carbon\CarbonImmutable;
use Tests\Support\House;

require_once __DIR__ . '/CalendarFunctions.php';

require_once __DIR__ . '/CoverFunctions.php';

beforeEach(function (): void {
    beginCalendar();
});

it('passes work at the begin of an absence and hands it back at its end, each once', function (): void {
    $task = due('2026-03-10');
    $later = due('2026-04-10', 'Later');
    $absence = away('callum', '2026-03-09', '2026-03-13', ['femi']);
    clockAt('2026-03-08T23:59:59Z');
    expect(handoffs())->toBe(['> callum rule', '> callum rule']);
    clockAt('2026-03-09T00:00:30Z');
    clockAt('2026-03-09T00:01:30Z');
    expect(handoffs())->toBe(['> callum rule', '> callum rule', 'callum > femi cover for callum until 03-14 00:00']);
    expect([$task->refresh()->assignee?->slug, $later->refresh()->assignee?->slug])->toBe(['femi', 'callum']);
    expect([noticesOf('femi'), noticesOf('callum')])->toBe([['covers callum'], ['covered femi']]);
    expect(
        TaskChange::query()
            ->where('task_id', $task->id)
            ->sole()
            ->only(['occasion', 'system', 'difference']),
    )->toBe([
        'occasion' => 'cover_passes',
        'system' => 'clock',
        'difference' => ['holder' => ['callum', 'femi'], 'holds_for' => [null, 'callum']],
    ]);
    clockAt('2026-03-13T23:59:59Z');
    expect($task->refresh()->assignee?->slug)->toBe('femi');
    clockAt('2026-03-14T00:00:00Z');
    clockAt('2026-03-14T00:01:00Z');
    expect(array_slice(handoffs(), 3))->toBe(['femi > callum hand_back']);
    expect(TaskCover::query()->count())->toBe(0);
    expect([noticesOf('femi'), noticesOf('callum')])->toBe([
        ['covers callum', 'given_back callum'],
        ['covered femi', 'back femi'],
    ]);
    expect($absence->refresh()->only(['handed_over_at', 'handed_back_at']))->toEqual([
        'handed_over_at' => CarbonImmutable::parse('2026-03-09T00:00:30Z'),
        'handed_back_at' => CarbonImmutable::parse('2026-03-14T00:00:00Z'),
    ]);
});

it('does nothing for an absence of which all ticks were missed', function (): void {
    due('2026-03-10');
    $absence = away('callum', '2026-03-09', '2026-03-13', ['femi']);
    clockAt('2026-03-20T10:00:00Z');
    expect(handoffs())->toBe(['> callum rule']);
    expect($absence->refresh()->handed_back_at)->not->toBeNull();
});

it('gives new work to the substitute for the absent, and hands it back', function (): void {
    away('callum', '2026-03-02', '2026-03-03', ['femi']);
    $task = House::arrive();
    expect(handoffs())->toBe(['> femi rule for callum until 03-04 00:00']);
    expect(
        $task
            ->covers()
            ->sole()
            ->only(['absence', 'held']),
    )->toMatchArray(['held' => false]);
    clockAt('2026-03-04T00:00:00Z');
    expect(array_slice(handoffs(), 1))->toBe(['femi > callum hand_back']);
});

it('leaves with the substitute what they have begun, and tells both', function (): void {
    $task = due('2026-03-10');
    away('callum', '2026-03-02', '2026-03-13', ['femi']);
    expect($task->refresh()->assignee?->slug)->toBe('femi');
    app(StartTask::class)($task, House::user('femi'));
    expect(TaskCover::query()->sole()->touched_by)->toBe(['femi']);
    clockAt('2026-03-14T00:00:00Z');
    expect($task->refresh()->assignee?->slug)->toBe('femi');
    expect(TaskCover::query()->count())->toBe(0);
    expect([noticesOf('femi'), noticesOf('callum')])->toBe([
        ['covers callum', 'keeps callum'],
        ['covered femi', 'kept femi'],
    ]);
});
