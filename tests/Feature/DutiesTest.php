<?php

declare(strict_types=1);

use App\Bridge\DecisionReader;
use App\Models\Duties\Duty;
use App\Models\Duties\DutyDate;
use App\Models\House\House as HouseRow;
use App\Models\People\Skill;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskSource;
use App\Refusals\DutyMovedOn;
use App\Tasks\CompleteTask;
use App\Tasks\RetryTask;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\Clock;
use Tests\Support\Duties;
use Tests\Support\House;

beforeEach(function (): void {
    // A Monday.
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    HouseRow::query()->update(['holidays' => json_encode(['2026-03-13']), 'roster_revision' => 99]);
    House::publish(House::roundRule());
});

it('makes a task on each date, in turn, due that day, the day before where it is a holiday', function (): void {
    $duty = Duties::save();
    expect($duty->next_at?->toIso8601ZuluString())->toBe('2026-03-06T09:00:00Z');
    Clock::tick('2026-03-06T08:59:00Z');
    expect(Task::query()->count())->toBe(0);
    Clock::tick('2026-03-06T09:00:00Z');
    Clock::tick('2026-03-06T09:01:00Z');
    $task = Task::query()->sole();
    expect([$task->title, $task->source, $task->estimate_minutes, $task->duty_id])->toBe([
        'Count the reeds, 2026-W10',
        TaskSource::Duty,
        30,
        $duty->id,
    ]);
    expect($task->due_at?->toIso8601ZuluString())->toBe('2026-03-06T17:00:00Z');
    Clock::tick('2026-03-12T09:00:00Z');
    Clock::tick('2026-03-20T09:00:00Z');
    expect(Duties::dates())->toBe(['2026-03-06: ayumi', '2026-03-13: femi', '2026-03-20: ayumi']);
    expect(DutyDate::query()->where('key', '2026-03-13')->sole()->date->format('Y-m-d'))->toBe('2026-03-12');
});

it('says in the trace that the duty gave it', function (): void {
    Duties::save();
    Clock::tick('2026-03-06T09:00:00Z');
    $task = Task::query()->sole();
    app()->forgetScopedInstances();
    $this->actingAs(House::user('hanneke'));
    $decision = Decision::query()->where('task_id', $task->id)->sole();
    $trail = $this->getJson("/tasks/{$task->id}/decisions/{$decision->id}")->assertOk();
    expect($trail->json('rule'))->toBe(['id' => 'duty.reeds', 'name' => 'Reed count']);
    expect($trail->json('pick.slug'))->toBe('ayumi');
    expect(array_column($trail->json('verdicts'), 'verdict'))->toBe(['decided', 'criterion_failed']);
    $this->get("/tasks/{$task->id}")
        ->assertOk()
        ->assertSee('Reed count');
});

it('leaves it to the rules where it names nobody, which can ask of which duty it is', function (): void {
    Duties::save(['give' => null]);
    app()->forgetScopedInstances();
    House::publish([
        'id' => 'reeds',
        'name' => 'Reeds are Callum’s',
        'active' => true,
        'when' => [['kind' => 'task_arrives']],
        'if' => ['all' => [['field' => 'task.duty', 'op' => 'is', 'value' => 'reeds']]],
        'give' => ['pool' => ['kind' => 'people', 'people' => ['callum']], 'method' => ['kind' => 'in_order']],
        'then' => [],
    ]);
    Clock::tick('2026-03-06T09:00:00Z');
    expect(Duties::dates())->toBe(['2026-03-06: callum']);
});

it('makes up for a time without ticks, each date once', function (): void {
    Duties::save();
    Clock::tick('2026-03-23T12:00:00Z');
    Clock::tick('2026-03-09T12:00:00Z');
    Clock::tick('2026-03-23T12:01:00Z');
    expect(Duties::dates())->toBe(['2026-03-06: ayumi', '2026-03-13: femi', '2026-03-20: ayumi']);
});

it('waits until the last is done, and then makes the newest alone', function (): void {
    Duties::save(['still_open' => 'wait', 'catch_up' => 'newest']);
    Clock::tick('2026-03-06T09:00:00Z');
    Clock::tick('2026-03-20T09:30:00Z');
    $first = Task::query()->sole();
    expect(Duty::query()->sole()->waits)->toBeTrue();
    app(CompleteTask::class)($first, House::user('ayumi'), 'Counted.');
    Clock::tick('2026-03-20T09:31:00Z');
    expect(Duties::dates())->toBe(['2026-03-06: ayumi', '2026-03-13: waited', '2026-03-20: femi']);
    expect(Duty::query()->sole()->waits)->toBeTrue();
});

it('drops the last as missed when the next comes', function (): void {
    Duties::save(['still_open' => 'drop']);
    Clock::tick('2026-03-06T09:00:00Z');
    Clock::tick('2026-03-12T09:00:00Z');
    expect(Duties::dates())->toBe(['2026-03-06: dropped', '2026-03-13: femi']);
    expect(Task::query()->orderBy('number')->pluck('status')->all())->toBe([TaskStatus::Dropped, TaskStatus::New]);
});

it('comes back so long after the last was done', function (): void {
    Duties::save(['comes' => ['after_last' => '+5 working_days', 'from' => '2026-03-03']]);
    Clock::tick('2026-03-03T09:00:00Z');
    Clock::tick('2026-03-11T09:00:00Z');
    Clock::set('2026-03-11T12:00:00Z');
    app(CompleteTask::class)(Task::query()->sole(), House::user('ayumi'), 'Counted.');
    // Thursday 12, not Friday 13, Monday 16 to Thursday 19.
    Clock::tick('2026-03-18T23:00:00Z');
    expect(Task::query()->count())->toBe(1);
    Clock::tick('2026-03-19T09:00:00Z');
    expect(Duties::dates())->toBe(['2026-03-03: ayumi', '2026-03-19: femi']);
});

it('changes what is not yet made, and ends', function (): void {
    $duty = Duties::save();
    Clock::tick('2026-03-06T09:00:00Z');
    Clock::set('2026-03-09T10:00:00Z');
    $duty = Duties::save(['comes' => ['rule' => 'FREQ=WEEKLY;BYDAY=TU', 'from' => '2026-03-02']], 1);
    expect($duty->next_at?->toIso8601ZuluString())->toBe('2026-03-10T09:00:00Z');
    Clock::tick('2026-03-10T09:00:00Z');
    expect(Duties::dates())->toBe(['2026-03-06: ayumi', '2026-03-10: femi']);
    expect(fn() => Duties::save([], 1))->toThrow(DutyMovedOn::class);
    expect(fn() => Duties::save())->toThrow(DocumentError::class);
    $this->actingAs(House::user('hanneke'))
        ->postJson('/duties/reeds/end', ['revision' => 2])
        ->assertOk();
    Clock::tick('2026-03-17T09:00:00Z');
    expect([Duty::query()->count(), Task::query()->count()])->toBe([0, 2]);
    // What it has made stays, and another of its name goes on from today.
    expect(Duties::dates())->toBe(['2026-03-06: ayumi', '2026-03-10: femi']);
    expect(Task::query()->first()?->duty?->name)->toBe('Reed count');
    Duties::save();
    Clock::tick('2026-03-20T09:00:00Z');
    expect(Duties::dates())->toBe(['2026-03-06: ayumi', '2026-03-10: femi', '2026-03-20: ayumi']);
});

it('is tried again as the duty says where nobody could be found for it', function (): void {
    Duties::save([
        'give' => [
            'pool' => ['kind' => 'people', 'people' => ['femi']],
            'method' => ['kind' => 'in_order'],
            'limits' => [['kind' => 'skill_at_least', 'skill' => 'brass', 'level' => 3]],
            'otherwise' => ['kind' => 'unplaced'],
        ],
    ]);
    Clock::tick('2026-03-06T09:00:00Z');
    $task = Task::query()->sole();
    expect($task->assignee_id)->toBeNull();
    House::person('femi')
        ->skills()
        ->updateExistingPivot(Skill::query()->where('slug', 'brass')->sole()->id, ['level' => 3]);
    HouseRow::query()->increment('roster_revision');
    app()->forgetScopedInstances();
    app(RetryTask::class)($task->id);
    expect($task->refresh()->assignee?->slug)->toBe('femi');
    $last = Decision::query()->where('task_id', $task->id)->orderByDesc('id')->firstOrFail();
    expect(app(DecisionReader::class)->document($last)['rule'])->toBe('duty.reeds');
});
