<?php

declare(strict_types=1);

use App\Models\Tasks\Task;
use App\Models\Tasks\TaskUndo;
use Illuminate\Testing\TestResponse;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\Clock;
use Tests\Support\House;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
    $this->task = House::arrive();
    $this->do = fn(string $who, string $what, array $data = []): TestResponse => $this->actingAs(
        House::user($who),
    )->post("/tasks/{$this->task->id}/{$what}", $data + ['from' => 'in-hand']);
});

it('takes back what was just done, whole', function (string $what, array $data): void {
    $state = fn(): array => $this->task
        ->refresh()
        ->only(['status', 'assignee_id', 'starts_at', 'waiting_for', 'to_hand_on', 'spent_minutes', 'reviewer_id']);
    $before = $state();
    ($this->do)('ayumi', $what, $data)->assertSessionHas('undo.url', "/tasks/{$this->task->id}/undo");
    expect($state())->not->toBe($before);
    ($this->do)('ayumi', 'undo')->assertSessionHas('done', "№ {$this->task->number} is as it was.");
    expect($state())->toEqual($before);
    // Once.
    ($this->do)('ayumi', 'undo')->assertSessionHas('problem');
})->with([
    'started' => ['start', []],
    'completed' => ['complete', ['spent' => 40]],
    'waits' => ['wait', ['reason' => 'Parts to come']],
    'put off' => ['postpone', ['at' => '2026-03-05T09:00:00Z']],
    'marked' => ['to-hand-on', []],
    'handed on' => ['hand-on', ['to' => 'femi', 'reason' => 'Your turn.']],
    'dropped' => ['drop', ['reason' => 'Not wanted.']],
]);

it('takes back what rules made of it, with the turn of whoever got it', function (): void {
    House::publish(
        House::roundRule(),
        array_replace(
            House::rule(
                'check',
                ['all' => []],
                [
                    'seat' => 'reviewer',
                    'pool' => ['kind' => 'people', 'people' => ['femi', 'callum', 'tobias']],
                    'method' => ['kind' => 'round_robin', 'rotation' => 'Checks'],
                ],
                [['kind' => 'create_task', 'task_kind' => 'quote', 'title' => 'Call them']],
            ),
            ['when' => [['kind' => 'status_becomes', 'statuses' => ['in_review']]]],
        ),
    );
    ($this->do)('ayumi', 'ask-review');
    expect($this->task->refresh()->reviewer?->slug)->toBe('femi');
    $made = Task::query()->where('made_by_id', $this->task->id)->firstOrFail();
    ($this->do)('ayumi', 'undo');
    expect($this->task->refresh()->only(['status', 'reviewer_id']))->toBe([
        'status' => TaskStatus::New,
        'reviewer_id' => null,
    ]);
    expect($made->refresh()->status)->toBe(TaskStatus::Dropped);
    // The turn is Femi's again.
    ($this->do)('ayumi', 'ask-review');
    expect($this->task->refresh()->reviewer?->slug)->toBe('femi');
});

it('is for whoever did it, while it is fresh and nobody has changed the task since', function (): void {
    ($this->do)('ayumi', 'start');
    ($this->do)('hanneke', 'undo')->assertSessionHas('problem');
    ($this->do)('tobias', 'undo')->assertForbidden();
    Clock::set('2026-03-02T10:01:01Z');
    ($this->do)('ayumi', 'undo')->assertSessionHas('problem');
    ($this->do)('ayumi', 'complete');
    ($this->do)('hanneke', 'reopen');
    ($this->do)('ayumi', 'undo')->assertSessionHas('problem');
    expect($this->task->refresh()->status)->toBe(TaskStatus::Working);
});

it('offers nothing where somebody outside was told', function (): void {
    House::publish(House::roundRule(), [
        'id' => 'tells',
        'name' => 'Tells',
        'when' => [['kind' => 'status_becomes', 'statuses' => ['done']]],
        'then' => [['kind' => 'tell', 'people' => ['kind' => 'people', 'people' => ['femi']], 'text' => 'It is done.']],
    ]);
    ($this->do)('ayumi', 'start')->assertSessionHas('undo');
    ($this->do)('ayumi', 'complete')->assertSessionHas('undo.url', "/tasks/{$this->task->id}/reopen");
    ($this->do)('ayumi', 'undo')->assertSessionHas('problem');
    expect($this->task->refresh()->status)->toBe(TaskStatus::Done);
});

it('forgets after a day', function (): void {
    ($this->do)('ayumi', 'start');
    Clock::set('2026-03-03T10:00:01Z');
    $this->artisan('model:prune', ['--model' => [TaskUndo::class]]);
    expect(TaskUndo::query()->count())->toBe(0);
});
