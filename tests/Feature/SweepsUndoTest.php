<?php

declare(strict_types=1);

use App\Bridge\CustomerSource;
use App\Bridge\Houses;
use App\Bridge\SubjectRows;
use App\Models\Access\AuditRecord;
use App\Models\Rules\RotationTurn;
use App\Models\Sweeps\SweepState;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskChange;
use App\Sweeps\CarryOutSweep;
use App\Sweeps\ChosenTasks;
use App\Sweeps\LookAtSweep;
use App\Sweeps\SweepOne;
use App\Sweeps\UndoSweep;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\Clock;
use Tests\Support\House;

require_once __DIR__ . '/SweepsFunctions.php';

beforeEach(function (): void {
    $this->tasks = sweptHouse();
});

it('carries out what was looked at, recorded as any change, and takes all of it back', function (): void {
    $run = looked($this, ['rule' => 'round', 'filter' => []]);
    $before = Task::query()->orderBy('id')->get()->map(static fn(Task $one): array => $one->getAttributes());
    steer($this, $run, 'carry-out');
    expect($run->refresh()->state)->toBe(SweepState::Done);
    expect(whoHolds($this))->toBe(['ayumi', 'femi', 'callum', 'ayumi']);
    expect(array_column(sweptRows($this, $run), 3))->toBe(array_fill(0, 4, 'carried'));
    expect(sweepPage($this, $run)['counts']['otherwise'])->toBe(0);
    $change = TaskChange::query()->where('task_id', $this->tasks[0]->id)->where('occasion', 'applied')->firstOrFail();
    expect([$change->user?->name, $change->reason])->toBe(['Hanneke de Wit', 'Rule round']);
    expect($this->tasks[0]->fresh()?->tagList())->toBe(['new hands']);
    expect(RotationTurn::query()->count())->toBe(4);
    $history = $this->actingAs(House::user('hanneke'))
        ->get("/tasks/{$this->tasks[0]->id}")
        ->assertOk();
    expect($history->getContent())->toContain('Hanneke de Wit applied a rule to it');

    Clock::set('2026-03-02T11:00:00Z');
    steer($this, $run, 'undo');
    expect($run->refresh()->state)->toBe(SweepState::Undone);
    expect(array_column(sweptRows($this, $run), 3))->toBe(array_fill(0, 4, 'undone'));
    // But for the tag by the rule that answers the undo like any change.
    $after = Task::query()->orderBy('id')->get();
    foreach ($after as $place => $task) {
        expect(
            array_diff_assoc(array_map(strval(...), $task->getAttributes()), array_map(strval(...), $before[$place])),
        )
            ->toHaveKeys(['revision', 'updated_at', 'tags'])
            ->toHaveCount(3);
        expect($task->tagList())->toBe(['new hands']);
    }
    $passes = DB::table('rotation_seats')->pluck('pass')->unique();
    expect($passes->all())->toHaveCount(1);
    expect(AuditRecord::query()->where('event', 'like', 'sweep_%')->orderBy('id')->pluck('event')->all())->toBe([
        'sweep_carried',
        'sweep_undone',
    ]);
});

it('leaves alone what somebody has changed since, and says so', function (): void {
    $run = looked($this, ['rule' => 'round', 'filter' => []]);
    steer($this, $run, 'carry-out');
    $this->actingAs(House::user('hanneke'))
        ->postJson("/tasks/{$this->tasks[1]->id}/hand-on", ['to' => 'hanneke', 'reason' => 'Knows the player'])
        ->assertRedirect();
    steer($this, $run, 'undo');
    expect(whoHolds($this))->toBe(['tobias', 'hanneke', 'tobias', 'tobias']);
    expect(array_column(sweptRows($this, $run), 3))->toBe(['undone', 'partly', 'undone', 'undone']);
});

it('drops what rules made for it when it is taken back, where nobody has touched it', function (): void {
    $makes = ['kind' => 'create_task', 'task_kind' => 'quote', 'title' => 'Quote for ~task.title~'];
    House::publish(['then' => [$makes], 'when' => [['kind' => 'tag_on', 'tags' => ['quote']]]] + answers());
    $sweep = saveSweep($this, ['then' => [['kind' => 'tag', 'tag' => 'quote']]]);
    $run = looked($this, ['sweep' => $sweep->id, 'ids' => [$this->tasks[0]->id, $this->tasks[1]->id]]);
    expect(array_column(sweepPage($this, $run)['rows'], 'made'))->toBe([1, 1]);
    expect(Task::query()->count())->toBe(4);
    steer($this, $run, 'carry-out');
    $made = Task::query()->whereNotNull('made_by_id')->orderBy('number')->get();
    expect($made)->toHaveCount(2);
    $this->actingAs(House::user('hanneke'))
        ->postJson("/tasks/{$made[1]->id}/hand-on", ['to' => 'callum', 'reason' => 'Knows the player'])
        ->assertRedirect();
    steer($this, $run, 'undo');
    expect($made->map(static fn(Task $one): ?TaskStatus => $one->fresh()?->status)->all())->toBe([
        TaskStatus::Dropped,
        TaskStatus::New,
    ]);
    expect(array_column(sweptRows($this, $run), 3))->toBe(['undone', 'partly']);
    expect($this->tasks[0]->fresh()?->tagList())->toBe([]);
});

it('does each task once, whoever works at it, and goes on where it was stopped', function (): void {
    Queue::fake();
    $run = looked($this, ['rule' => 'round', 'filter' => []]);
    (new LookAtSweep($run->id))->handle(
        ...array_map(app(...), [Houses::class, ChosenTasks::class, SubjectRows::class, CustomerSource::class]),
    );
    steer($this, $run->refresh(), 'carry-out');
    Queue::assertPushed(CarryOutSweep::class, 1);
    $first = $run->tasks()->orderBy('place')->firstOrFail();
    app(SweepOne::class)($run->refresh(), $first);
    app(SweepOne::class)($run, $first);
    expect(RotationTurn::query()->count())->toBe(1);
    steer($this, $run, 'stop');
    (new CarryOutSweep($run->id))->handle(app(SweepOne::class));
    expect(whoHolds($this))->toBe(['ayumi', 'tobias', 'tobias', 'tobias']);
    expect(sweepPage($this, $run->refresh())['progress'])->toMatchArray([
        'done' => 1,
        'total' => 4,
        'mayGoOn' => true,
        'mayUndo' => true,
    ]);
    steer($this, $run, 'carry-out');
    (new CarryOutSweep($run->id))->handle(app(SweepOne::class));
    expect(whoHolds($this))->toBe(['ayumi', 'femi', 'callum', 'ayumi']);
    expect($run->refresh()->state)->toBe(SweepState::Done);
    Queue::assertNotPushed(UndoSweep::class);
});

it('stops where other rules are in force than when it was looked at', function (): void {
    $run = looked($this, ['rule' => 'round', 'filter' => []]);
    House::publish(House::roundRule());
    expect(sweepPage($this, $run)['run']['isStale'])->toBeTrue();
    steer($this, $run, 'carry-out', 409);
    expect($run->refresh()->state)->toBe(SweepState::Looked)->and(whoHolds($this)[0])->toBe('tobias');
    // Published while it is carried out: the next task is not touched any more.
    $run->update(['state' => SweepState::Carrying, 'carried_at' => now()]);
    (new CarryOutSweep($run->id))->handle(app(SweepOne::class));
    expect([$run->refresh()->state, $run->why])->toBe([SweepState::Stopped, 'other_rules']);
    expect(array_column(sweptRows($this, $run), 3))->toBe(array_fill(0, 4, 'foreseen'));
});

it('leaves a task where it is whose holder before has left the house', function (): void {
    $run = looked($this, ['rule' => 'round', 'filter' => []]);
    steer($this, $run, 'carry-out');
    House::person('tobias')->update(['active' => false]);
    App\Models\House\House::query()->increment('roster_revision');
    steer($this, $run, 'undo');
    expect(whoHolds($this))->toBe(['ayumi', 'femi', 'callum', 'ayumi']);
    expect(array_column(sweptRows($this, $run), 3))->toBe(array_fill(0, 4, 'partly'));
});

it('is not carried out where it was stopped before all of it was looked at', function (): void {
    $run = looked($this, ['rule' => 'round', 'filter' => []]);
    $run->update(['state' => SweepState::Stopped]);
    steer($this, $run, 'carry-out', 409);
    expect(whoHolds($this)[0])->toBe('tobias');
    expect(sweepPage($this, $run)['progress'])->toMatchArray(['mayGoOn' => false, 'mayUndo' => false]);
});

it('is stopped, and can go on, where its job has failed', function (): void {
    $run = looked($this, ['rule' => 'round', 'filter' => []]);
    $run->update(['state' => SweepState::Carrying, 'carried_at' => now()]);
    (new CarryOutSweep($run->id))->failed();
    expect([$run->refresh()->state, $run->why])->toBe([SweepState::Stopped, 'failed']);
    (new UndoSweep($run->id, House::user('hanneke')->id))->failed();
    (new LookAtSweep($run->id))->failed();
    expect($run->refresh()->state)->toBe(SweepState::Stopped);
    steer($this, $run, 'carry-out');
    expect([$run->refresh()->state, $run->why])->toBe([SweepState::Done, null]);
    expect(whoHolds($this))->toBe(['ayumi', 'femi', 'callum', 'ayumi']);
});
