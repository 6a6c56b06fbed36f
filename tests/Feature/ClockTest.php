<?php

declare(strict_types=1);

use App\Actions\Actor;
use App\Actions\Edit;
use App\Actions\EditTask;
use App\Actions\WaitTask;
use App\Clock\FireTimers;
use App\Models\ChainCut;
use App\Models\Decision;
use App\Models\Task;
use App\Models\TaskChange;
use App\Models\Timer;
use Carbon\Carbon;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Chain\CutReason;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\House;

beforeEach(function (): void {
    clock('2026-03-02T10:00:00Z');
    House::open();
});

function clock(string $at): void
{
    Carbon::setTestNow($at);
    CarbonImmutable::setTestNow($at);
}

function tick(string $at): void
{
    clock($at);
    test()->artisan('baton:tick')->assertExitCode(0);
}

/** @return array<string, mixed> */
function overdue(string $offset = '+1 days', array $then = [['kind' => 'priority_step', 'step' => 'up']]): array
{
    return [
        'id' => 'overdue', 'name' => 'Overdue', 'active' => true, 'when' => [['kind' => 'date_reached', 'field' => 'task.due', 'offset' => $offset]],
        'give' => ['pool' => ['kind' => 'people', 'people' => ['tobias']], 'method' => ['kind' => 'same_person']], 'then' => $then,
    ];
}

function move(Task $task, ?string $due): void
{
    app(EditTask::class)($task->id, null, new Edit('edited', static fn(Subject $subject): Subject => $subject->dueAt($due === null ? null : CarbonImmutable::parse($due)->getTimestamp())), Actor::user(House::user('hanneke')));
}

it('gives what is a day overdue to somebody else, once, however often the clock is looked at', function (): void {
    House::publish(House::roundRule(), overdue());
    $task = House::arrive();
    // Two working days from Monday are Wednesday, at five.
    expect(Timer::query()->sole()->due_at->toIso8601ZuluString())->toBe('2026-03-05T17:00:00Z');
    tick('2026-03-05T16:59:00Z');
    expect($task->refresh()->assignee?->slug)->toBe('ayumi');
    tick('2026-03-05T17:00:00Z');
    tick('2026-03-05T17:01:00Z');
    tick('2026-03-09T17:01:00Z');
    $decision = Decision::query()->where('rule', 'overdue')->sole();
    expect([$task->refresh()->assignee?->slug, $task->priority])->toBe(['tobias', Priority::High])
        ->and($decision->event)->toBe('date_reached')
        ->and(TaskChange::query()->where('task_id', $task->id)->get()->map(static fn(TaskChange $one): array => [$one->cause, $one->occasion, $one->system])->all())->toBe([[Cause::Timer, 'date_reached', 'clock']]);
});

it('fires for a date that was moved twice once, at the last', function (): void {
    House::publish(House::roundRule(), overdue('+0 days'));
    $task = House::arrive();
    move($task, '2026-03-03T12:00:00Z');
    move($task, '2026-03-05T12:00:00Z');
    tick('2026-03-04T12:00:00Z');
    expect(Decision::query()->where('rule', 'overdue')->count())->toBe(0);
    tick('2026-03-05T12:00:00Z');
    expect(Decision::query()->where('rule', 'overdue')->count())->toBe(1);
    // Back where it has fired already: never again for the same date.
    move($task, '2026-03-20T12:00:00Z');
    move($task, '2026-03-05T12:00:00Z');
    tick('2026-03-06T12:00:00Z');
    expect(Decision::query()->where('rule', 'overdue')->count())->toBe(1);
});

it('catches up after three days, each once and in order', function (): void {
    House::publish(House::roundRule(), overdue('+0 days', [['kind' => 'tag', 'tag' => 'late']]));
    $tasks = [House::arrive(), House::arrive(), House::arrive()];
    foreach (['2026-03-05T12:00:00Z', '2026-03-03T12:00:00Z', '2026-03-04T12:00:00Z'] as $place => $due) {
        move($tasks[$place], $due);
    }
    tick('2026-03-06T12:00:00Z');
    expect(Decision::query()->where('rule', 'overdue')->orderBy('id')->pluck('task_id')->all())->toBe([$tasks[1]->id, $tasks[2]->id, $tasks[0]->id]);
});

it('does nothing twice where the clock was set back', function (): void {
    House::publish(House::roundRule(), overdue('+0 days'));
    move(House::arrive(), '2026-03-03T12:00:00Z');
    tick('2026-03-03T12:00:00Z');
    tick('2026-03-03T11:00:00Z');
    tick('2026-03-03T12:30:00Z');
    expect(Decision::query()->where('rule', 'overdue')->count())->toBe(1);
});

it('does not fire for what was past when the rule was published, and goes on where it is published again', function (): void {
    House::publish(House::roundRule());
    $past = House::arrive();
    move($past, '2026-03-03T09:00:00Z');
    $near = House::arrive();
    move($near, '2026-03-04T09:00:00Z');
    clock('2026-03-03T10:00:00Z');
    House::publish(House::roundRule(), overdue('+0 days'));
    clock('2026-03-03T11:00:00Z');
    House::publish(House::roundRule(), ['name' => 'Overdue, renamed'] + overdue('+0 days'));
    tick('2026-03-04T10:00:00Z');
    expect(Decision::query()->where('rule', 'overdue')->pluck('task_id')->all())->toBe([$near->id]);
});

it('lets a task come back from waiting by itself', function (): void {
    House::publish(House::roundRule());
    $task = House::arrive();
    app(WaitTask::class)($task, 'Parts to come', CarbonImmutable::parse('2026-03-04T09:00:00Z'), House::user('ayumi'));
    expect([$task->refresh()->status, $task->waiting_for])->toBe([TaskStatus::Waiting, 'Parts to come']);
    tick('2026-03-04T08:59:00Z');
    expect($task->refresh()->status)->toBe(TaskStatus::Waiting);
    tick('2026-03-04T09:00:00Z');
    expect([$task->refresh()->status, $task->waiting_for, $task->wakes_at])->toBe([TaskStatus::New, null, null])
        ->and(TaskChange::query()->orderByDesc('id')->first()?->occasion)->toBe('woke');
});

it('lets a schedule act on the open tasks that meet the criteria, once each moment', function (): void {
    House::publish(House::roundRule(), ['id' => 'mondays', 'name' => 'Mondays', 'when' => [['kind' => 'schedule', 'recurrence' => 'FREQ=WEEKLY;BYDAY=TU', 'from' => '2026-03-02', 'time' => '09:00']],
        'if' => ['field' => 'task.value', 'op' => 'more_than', 'value' => 100], 'then' => [['kind' => 'tag', 'tag' => 'count it']]]);
    $dear = House::arrive(facts: ['task.value' => 200]);
    $cheap = House::arrive(facts: ['task.value' => 20]);
    tick('2026-03-03T09:01:00Z');
    $later = House::arrive(facts: ['task.value' => 200]);
    tick('2026-03-03T09:02:00Z');
    expect([$dear->refresh()->tags, $cheap->refresh()->tags, $later->refresh()->tags])->toBe([['count it'], [], []])
        ->and(Timer::query()->count())->toBe(1);
    tick('2026-03-17T10:00:00Z');
    // Two Tuesdays, for two of them.
    expect(Timer::query()->count())->toBe(5)->and(Decision::query()->where('event', 'schedule')->count())->toBe(5);
});

it('passes over what fails, tells of it, and tries it again', function (): void {
    House::publish(House::roundRule(), overdue('+0 days'));
    $bad = House::arrive();
    $good = House::arrive();
    move($bad, '2026-03-03T12:00:00Z');
    move($good, '2026-03-03T13:00:00Z');
    $fail = true;
    DB::listen(static function ($query) use (&$fail, $bad): void {
        if ($fail && str_starts_with($query->sql, 'insert into `decisions`') && in_array($bad->id, $query->bindings, true)) {
            throw new RuntimeException('no');
        }
    });
    tick('2026-03-03T14:00:00Z');
    expect(Decision::query()->where('rule', 'overdue')->pluck('task_id')->all())->toBe([$good->id]);
    expect(ChainCut::query()->sole()->only(['task_id', 'rules', 'reason']))->toBe(['task_id' => $bad->id, 'rules' => ['overdue'], 'reason' => CutReason::Failed]);
    $fail = false;
    tick('2026-03-03T14:01:00Z');
    expect(Decision::query()->where('rule', 'overdue')->count())->toBe(2);
});

it('lets go of timers that no rule has any more', function (): void {
    House::publish(House::roundRule(), overdue('+0 days'));
    move(House::arrive(), '2026-03-03T12:00:00Z');
    House::publish(House::roundRule());
    tick('2026-03-03T13:00:00Z');
    expect(Timer::query()->count())->toBe(0)->and(Decision::query()->count())->toBe(1);
});

it('finds what is due by an index', function (): void {
    $plan = DB::select('EXPLAIN '.Timer::query()->whereNull('fired_at')->where('due_at', '<=', now())->orderBy('due_at')->orderBy('id')->limit(1)->toRawSql())[0];
    expect($plan->key)->toBe('timers_fired_at_due_at_id_index')->and($plan->Extra)->not->toContain('filesort');
});

it('is a verb that answers how much has happened', function (): void {
    House::publish(House::roundRule(), overdue('+0 days'));
    move(House::arrive(), '2026-03-03T12:00:00Z');
    clock('2026-03-03T12:00:00Z');
    expect(app(FireTimers::class)(CarbonImmutable::now()))->toBe(1)->and(app(FireTimers::class)(CarbonImmutable::now()))->toBe(0);
});

it('asks for as many rows at each tick however many rules go by dates and the calendar', function (): void {
    $queries = function (int $rules): int {
        $of = static fn(array $when, int $number): array => ['id' => "{$when['kind']}-{$number}", 'name' => "Rule {$number}", 'when' => [$when], 'if' => ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote'], 'then' => [['kind' => 'priority', 'priority' => 'high']]];
        House::publish(House::roundRule(), ...array_map(static fn(int $number): array => $of(['kind' => 'date_reached', 'field' => 'task.due', 'offset' => "+{$number} days"], $number), range(1, $rules)), ...array_map(static fn(int $number): array => $of(['kind' => 'schedule', 'recurrence' => "FREQ=MONTHLY;BYMONTHDAY={$number}", 'from' => '2026-04-01', 'time' => '09:00'], $number), range(1, $rules)));
        tick('2026-03-02T10:01:00Z');
        DB::flushQueryLog();
        DB::enableQueryLog();
        tick('2026-03-02T10:02:00Z');
        DB::disableQueryLog();

        return count(DB::getQueryLog());
    };
    House::arrive();
    // What is done for the first time only is not counted.
    $queries(1);
    expect($queries(12))->toBe($queries(2));
});
