<?php

declare(strict_types=1);

use App\Models\Tasks\Decision;
use App\Models\Tasks\TaskChange;
use App\Models\Tasks\Timer;
use App\Tasks\WaitTask;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\Clock;
use Tests\Support\House;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
});

it('gives what is a day overdue to somebody else, once, however often the clock is looked at', function (): void {
    House::publish(House::roundRule(), Clock::overdueRule());
    $task = House::arrive();
    // Two working days from Monday are Wednesday, at five.
    expect($task->next_moment_at?->toIso8601ZuluString())->toBe('2026-03-05T17:00:00Z');
    Clock::tick('2026-03-05T16:59:00Z');
    expect($task->refresh()->assignee?->slug)->toBe('ayumi');
    Clock::tick('2026-03-05T17:00:00Z');
    Clock::tick('2026-03-05T17:01:00Z');
    Clock::tick('2026-03-09T17:01:00Z');
    $decision = Decision::query()->where('rule', 'overdue')->sole();
    expect([$task->refresh()->assignee?->slug, $task->priority])->toBe(['tobias', Priority::High]);
    expect($decision->event)->toBe('date_reached');
    expect(
        TaskChange::query()
            ->where('task_id', $task->id)
            ->get()
            ->map(static fn(TaskChange $one): array => [$one->cause, $one->occasion, $one->system])
            ->all(),
    )->toBe([[Cause::Timer, 'date_reached', 'clock']]);
});

it('fires for a date that was moved twice once, at the last', function (): void {
    House::publish(House::roundRule(), Clock::overdueRule('+0 days'));
    $task = House::arrive();
    Clock::moveDue($task, '2026-03-03T12:00:00Z');
    Clock::moveDue($task, '2026-03-05T12:00:00Z');
    Clock::tick('2026-03-04T12:00:00Z');
    expect(Decision::query()->where('rule', 'overdue')->count())->toBe(0);
    Clock::tick('2026-03-05T12:00:00Z');
    expect(Decision::query()->where('rule', 'overdue')->count())->toBe(1);
    // Back where it has fired already: never again for the same date.
    Clock::moveDue($task, '2026-03-20T12:00:00Z');
    Clock::moveDue($task, '2026-03-05T12:00:00Z');
    Clock::tick('2026-03-06T12:00:00Z');
    expect(Decision::query()->where('rule', 'overdue')->count())->toBe(1);
});

it('catches up after three days, each once and in order', function (): void {
    House::publish(House::roundRule(), Clock::overdueRule('+0 days', [['kind' => 'tag', 'tag' => 'late']]));
    $tasks = [House::arrive(), House::arrive(), House::arrive()];
    foreach (['2026-03-05T12:00:00Z', '2026-03-03T12:00:00Z', '2026-03-04T12:00:00Z'] as $place => $due) {
        Clock::moveDue($tasks[$place], $due);
    }
    Clock::tick('2026-03-06T12:00:00Z');
    expect(Decision::query()->where('rule', 'overdue')->orderBy('id')->pluck('task_id')->all())->toBe([
        $tasks[1]->id,
        $tasks[2]->id,
        $tasks[0]->id,
    ]);
});

it('does nothing twice where the clock was set back', function (): void {
    House::publish(House::roundRule(), Clock::overdueRule('+0 days'));
    Clock::moveDue(House::arrive(), '2026-03-03T12:00:00Z');
    Clock::tick('2026-03-03T12:00:00Z');
    Clock::tick('2026-03-03T11:00:00Z');
    Clock::tick('2026-03-03T12:30:00Z');
    expect(Decision::query()->where('rule', 'overdue')->count())->toBe(1);
});

it(
    'does not fire for what was past when the rule was published, and goes on where it is published again',
    function (): void {
        House::publish(House::roundRule());
        $past = House::arrive();
        Clock::moveDue($past, '2026-03-03T09:00:00Z');
        $near = House::arrive();
        Clock::moveDue($near, '2026-03-04T09:00:00Z');
        Clock::set('2026-03-03T10:00:00Z');
        House::publish(House::roundRule(), Clock::overdueRule('+0 days'));
        Clock::set('2026-03-03T11:00:00Z');
        House::publish(House::roundRule(), ['name' => 'Overdue, renamed'] + Clock::overdueRule('+0 days'));
        Clock::tick('2026-03-04T10:00:00Z');
        expect(Decision::query()->where('rule', 'overdue')->pluck('task_id')->all())->toBe([$near->id]);
    },
);

it('lets a task come back from waiting by itself', function (): void {
    House::publish(House::roundRule());
    $task = House::arrive();
    app(WaitTask::class)($task, 'Parts to come', CarbonImmutable::parse('2026-03-04T09:00:00Z'), House::user('ayumi'));
    expect([$task->refresh()->status, $task->waiting_for])->toBe([TaskStatus::Waiting, 'Parts to come']);
    Clock::tick('2026-03-04T08:59:00Z');
    expect($task->refresh()->status)->toBe(TaskStatus::Waiting);
    Clock::tick('2026-03-04T09:00:00Z');
    expect([$task->refresh()->status, $task->waiting_for, $task->wakes_at])->toBe([TaskStatus::New, null, null]);
    expect(TaskChange::query()->orderByDesc('id')->first()?->occasion)->toBe('woke');
});

it('lets a schedule act on the open tasks that meet the criteria, once each moment', function (): void {
    House::publish(House::roundRule(), [
        'id' => 'mondays',
        'name' => 'Mondays',
        'when' => [
            ['kind' => 'schedule', 'recurrence' => 'FREQ=WEEKLY;BYDAY=TU', 'from' => '2026-03-02', 'time' => '09:00'],
        ],
        'if' => ['field' => 'task.value', 'op' => 'more_than', 'value' => 100],
        'then' => [['kind' => 'tag', 'tag' => 'count it']],
    ]);
    $dear = House::arrive(facts: ['task.value' => 200]);
    $cheap = House::arrive(facts: ['task.value' => 20]);
    Clock::tick('2026-03-03T09:01:00Z');
    $later = House::arrive(facts: ['task.value' => 200]);
    Clock::tick('2026-03-03T09:02:00Z');
    expect([$dear->refresh()->tags, $cheap->refresh()->tags, $later->refresh()->tags])->toBe([['count it'], [], []]);
    expect(Timer::query()->count())->toBe(1);
    Clock::tick('2026-03-17T10:00:00Z');
    // Two Tuesdays, for two of them.
    expect(Timer::query()->count())->toBe(5);
    expect(Decision::query()->where('event', 'schedule')->count())->toBe(5);
});
