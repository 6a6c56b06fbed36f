<?php

declare(strict_types=1);

use App\Models\Tasks\Handoff;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskChange;
use Illuminate\Testing\TestResponse;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\House;

beforeEach(function (): void {
    House::open();
    House::publish(House::roundRule());
    $this->task = House::arrive();
});

/** @param array<string, mixed> $data */
function act(mixed $test, string $who, string $what, array $data = [], ?Task $task = null): TestResponse
{
    $task ??= $test->task;

    return $test->actingAs(House::user($who))->post("/tasks/{$task->id}/{$what}", $data + ['from' => 'in-hand']);
}

it('is started and completed by the one who holds it', function (): void {
    act($this, 'ayumi', 'start')->assertRedirect();
    expect($this->task->refresh()->status)->toBe(TaskStatus::Working);
    expect($this->task->started_at)->not->toBeNull();

    act($this, 'ayumi', 'complete', ['note' => 'Freed and oiled.', 'spent' => 75])
        ->assertRedirect('/in-hand')
        ->assertSessionHas('undo');
    $this->task->refresh();
    expect([$this->task->status, $this->task->outcome_note, $this->task->spent_minutes])->toBe([
        TaskStatus::Done,
        'Freed and oiled.',
        75,
    ]);
    expect(TaskChange::query()->where('task_id', $this->task->id)->orderBy('id')->pluck('occasion')->all())->toBe([
        'started',
        'completed',
    ]);
});

it('can be taken up again', function (): void {
    act($this, 'ayumi', 'complete');
    act($this, 'ayumi', 'reopen');
    expect($this->task->refresh()->status)->toBe(TaskStatus::Working);
    expect($this->task->completed_at)->toBeNull();
});

it('is not for others, but for the lead', function (): void {
    foreach (['start', 'complete', 'hand-on', 'claim'] as $what) {
        act($this, 'femi', $what)->assertForbidden();
    }
    expect($this->task->refresh()->status)->toBe(TaskStatus::New);
    act($this, 'hanneke', 'start')->assertRedirect();
    expect($this->task->refresh()->status)->toBe(TaskStatus::Working);
});

it('is handed on with a reason that stays in the log', function (): void {
    act($this, 'ayumi', 'hand-on', ['to' => 'tobias', 'reason' => 'It needs the lathe.'])->assertRedirect('/in-hand');
    $handoff = Handoff::query()
        ->with(['from', 'to', 'user'])
        ->orderByDesc('id')
        ->firstOrFail();
    expect($this->task->refresh()->assignee?->slug)->toBe('tobias');
    expect([$handoff->from?->slug, $handoff->to?->slug, $handoff->reason, $handoff->user?->name])->toBe([
        'ayumi',
        'tobias',
        'It needs the lathe.',
        'Ayumi Kato',
    ]);
});

it('is not handed on without a person and a reason', function (): void {
    act($this, 'ayumi', 'hand-on', ['to' => 'nobody', 'reason' => ''])->assertSessionHasErrors(['to', 'reason']);
    expect($this->task->refresh()->assignee?->slug)->toBe('ayumi');
});

it('refuses what was asked of an older state, and says how it is now', function (): void {
    $seen = $this->task->revision;
    act($this, 'hanneke', 'hand-on', ['to' => 'femi', 'reason' => 'Ayumi is full.']);
    $response = act($this, 'hanneke', 'complete', ['revision' => $seen]);
    $response->assertSessionHas('problem', fn(string $said): bool => str_contains($said, 'Femi Adeyinka holds it'));
    expect($this->task->refresh()->status)->toBe(TaskStatus::New);
});

it('is claimed by the first of those who may', function (): void {
    House::publish(
        House::rule(
            'open',
            ['all' => []],
            ['pool' => ['kind' => 'team', 'team' => 'brass-bench'], 'method' => ['kind' => 'open']],
        ),
    );
    $open = House::arrive();
    act($this, 'tobias', 'claim', task: $open)->assertForbidden();
    act($this, 'femi', 'claim', task: $open)->assertRedirect("/in-hand?task={$open->id}");
    act($this, 'ayumi', 'claim', task: $open)->assertForbidden();
    expect($open->refresh()->assignee?->slug)->toBe('femi');
    expect($open->claimants()->count())->toBe(0);
});

it('cannot be done twice, or by another way, once it has moved on', function (string $what, array $data): void {
    act($this, 'ayumi', 'complete');
    $before = Task::query()->findOrFail($this->task->id)->getAttributes();
    act($this, 'ayumi', $what, $data)->assertSessionHas('problem');
    expect(Task::query()->findOrFail($this->task->id)->getAttributes())->toBe($before);
})->with([
    'started' => ['start', []],
    'completed' => ['complete', []],
    'handed on' => ['hand-on', ['to' => 'femi', 'reason' => 'No time']],
]);

it('cannot be taken up again before it is done', function (): void {
    act($this, 'ayumi', 'reopen')->assertSessionHas('problem');
    expect($this->task->refresh()->status)->toBe(TaskStatus::New);
});

it('opens in hand what stands first in the list, and what one can not go on with last', function (): void {
    House::publish(House::roundRule());
    Task::query()->update(['status' => TaskStatus::Done]);
    $tasks = array_map(
        static fn(int $day): Task => tap(
            House::arrive(),
            static fn(Task $task) => $task->update([
                'assignee_id' => House::person('ayumi')->id,
                'reviewer_id' => null,
                'due_at' => "2026-03-0{$day} 12:00:00",
            ]),
        ),
        [3, 4, 5, 6],
    );
    $open = fn(): ?string => $this->actingAs(House::user('ayumi'))->get('/in-hand')->viewData('page')['props']['task'][
        'id'
    ] ?? null;
    $tasks[0]->update(['status' => TaskStatus::InReview, 'reviewer_id' => House::person('tobias')->id]);
    $tasks[1]->update(['status' => TaskStatus::Waiting]);
    expect($open())->toBe($tasks[2]->id);
    $reviewed = tap(
        House::arrive(),
        static fn(Task $task) => $task->update([
            'assignee_id' => House::person('femi')->id,
            'status' => TaskStatus::InReview,
            'reviewer_id' => House::person('ayumi')->id,
        ]),
    );
    expect($open())->toBe($reviewed->id);
    $tasks[3]->update(['status' => TaskStatus::Working]);
    expect($open())->toBe($tasks[3]->id);
    $reviewed->update(['status' => TaskStatus::Done]);
    Task::query()
        ->whereKey([$tasks[2]->id, $tasks[3]->id])
        ->update(['status' => TaskStatus::Done]);
    expect($open())->toBe($tasks[0]->id);
});
