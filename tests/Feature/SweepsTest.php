<?php

declare(strict_types=1);

use App\Models\Access\AuditRecord;
use App\Models\Rules\Rotation;
use App\Models\Rules\RotationTurn;
use App\Models\Sweeps\NamedSweep;
use App\Models\Sweeps\SweepRun;
use App\Models\Sweeps\SweepState;
use App\Models\Sweeps\SweptState;
use App\Models\Tasks\Handoff;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskChange;
use App\Sweeps\CarryOutSweep;
use App\Sweeps\LookAtSweep;
use App\Sweeps\SweepOne;
use App\Sweeps\UndoSweep;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Inertia\Testing\AssertableInertia;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\Clock;
use Tests\Support\House;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(givesTo('tobias'));
    $this->tasks = array_map(static fn(int $n): Task => House::arrive(title: "Horn {$n}"), range(1, 4));
    House::publish(House::roundRule(), answers());
});

/** @return array<string, mixed> */
function givesTo(string $person): array
{
    return House::rule(
        'by-name',
        ['field' => 'task.kind', 'op' => 'is', 'value' => 'bench-repair'],
        [
            'pool' => ['kind' => 'people', 'people' => [$person]],
            'method' => ['kind' => 'in_order'],
            'limits' => [],
            'otherwise' => ['kind' => 'next_rule'],
        ],
    );
}

/** @return array<string, mixed> a rule that tags what goes to somebody else */
function answers(): array
{
    return [
        'id' => 'answers',
        'name' => 'Rule answers',
        'when' => [['kind' => 'holder_changes']],
        'if' => ['all' => []],
        'then' => [['kind' => 'tag', 'tag' => 'new hands']],
    ];
}

/** Has it looked at by Hanneke. */
function looked(mixed $test, array $order): SweepRun
{
    $answer = $test->actingAs(House::user('hanneke'))->postJson('/rulebook/sweep-runs', $order)->assertCreated();

    return SweepRun::query()->findOrFail($answer->json('id'));
}

/** @return array<string, mixed> what its page says */
function sweepPage(mixed $test, SweepRun $run, string $query = ''): array
{
    $answer = $test
        ->actingAs(House::user('hanneke'))
        ->get("/rulebook/sweep-runs/{$run->id}{$query}")
        ->assertOk();

    return AssertableInertia::fromTestResponse($answer)->toArray()['props'];
}

/** @return list<array{int, string|null, string|null, string}> place, from whom, to whom, state */
function sweptRows(mixed $test, SweepRun $run): array
{
    return array_map(
        static fn(array $row): array => [
            $row['place'],
            $row['from']['slug'] ?? null,
            $row['to']['slug'] ?? null,
            $row['state'],
        ],
        sweepPage($test, $run)['rows'],
    );
}

/** @return list<string|null> */
function holders(mixed $test): array
{
    return array_map(static fn(Task $task): ?string => $task->fresh()?->assignee?->slug, $test->tasks);
}

function steer(mixed $test, SweepRun $run, string $what, int $status = 302): void
{
    $test
        ->actingAs(House::user('hanneke'))
        ->post(
            "/rulebook/sweep-runs/{$run->id}/{$what}",
            [],
            ['Accept' => $status === 302 ? '*/*' : 'application/json'],
        )
        ->assertStatus($status);
}

/** @return array<string, mixed> */
function sweepOf(array $document, string $name = 'Urgent brass'): array
{
    return ['name' => $name, 'document' => $document];
}

function saveSweep(mixed $test, array $document, string $name = 'Urgent brass'): NamedSweep
{
    $answer = $test
        ->actingAs(House::user('hanneke'))
        ->postJson('/rulebook/sweeps', sweepOf($document, $name))
        ->assertOk();

    return NamedSweep::query()->findOrFail($answer->json('id'));
}

it('looks at what a rule would do with work that is there, and changes nothing', function (): void {
    $run = looked($this, ['rule' => 'round', 'filter' => []]);
    $page = sweepPage($this, $run);
    expect($run->state)->toBe(SweepState::Looked);
    // Three of the bench take turns: one after the other, the fourth to the first again.
    expect(sweptRows($this, $run))->toBe([
        [1, 'tobias', 'ayumi', 'foreseen'],
        [2, 'tobias', 'femi', 'foreseen'],
        [3, 'tobias', 'callum', 'foreseen'],
        [4, 'tobias', 'ayumi', 'foreseen'],
    ]);
    expect($page['rows'][0]['answered'])->toBe(['Rule answers']);
    expect($page['rows'][0]['besides'])->toContain('Tagged new hands');
    expect($page['counts']['comesTo'])->toBe(['changes' => 4, 'same' => 0, 'nobody' => 0]);
    // Each two hours of work; four of them were Tobias's.
    expect(
        array_map(
            static fn(array $one): array => [$one['slug'], $one['tasksBefore'], $one['tasksAfter']],
            $page['loads'],
        ),
    )->toBe([['ayumi', 0, 2], ['callum', 0, 1], ['femi', 0, 1], ['tobias', 4, 0]]);
    expect($page['loads'][3]['before'])->toBeGreaterThan(0)->and($page['loads'][3]['after'])->toBe(0);
    expect(holders($this))->toBe(['tobias', 'tobias', 'tobias', 'tobias']);
    expect([Rotation::query()->count(), RotationTurn::query()->count()])->toBe([0, 0]);
});

it('carries out what was looked at, recorded as any change, and takes all of it back', function (): void {
    $run = looked($this, ['rule' => 'round', 'filter' => []]);
    $before = Task::query()->orderBy('id')->get()->map(static fn(Task $one): array => $one->getAttributes());
    steer($this, $run, 'carry-out');
    expect($run->refresh()->state)->toBe(SweepState::Done);
    expect(holders($this))->toBe(['ayumi', 'femi', 'callum', 'ayumi']);
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
    expect(holders($this))->toBe(['tobias', 'hanneke', 'tobias', 'tobias']);
    expect(array_column(sweptRows($this, $run), 3))->toBe(['undone', 'partly', 'undone', 'undone']);
});

it('carries out only what was not taken out, and what is still so', function (): void {
    $run = looked($this, ['rule' => 'round', 'filter' => []]);
    $this->putJson("/rulebook/sweep-runs/{$run->id}/tasks", ['places' => [2], 'in' => false])->assertOk();
    Task::query()
        ->whereKey($this->tasks[2]->id)
        ->update(['status' => TaskStatus::Done, 'completed_at' => now()]);
    steer($this, $run, 'carry-out');
    expect(holders($this))->toBe(['ayumi', 'tobias', 'tobias', 'femi']);
    expect(array_column(sweptRows($this, $run), 3))->toBe(['carried', 'left_out', 'passed', 'carried']);
    // The fourth came to Femi, since the second was left out and the third is done.
    expect(sweepPage($this, $run)['counts']['otherwise'])->toBe(2);
    $this->putJson("/rulebook/sweep-runs/{$run->id}/tasks", ['places' => [2], 'in' => true])->assertConflict();
});

it('sweeps what meets the criteria of a sweep, over a list or over chosen tasks', function (): void {
    $sweep = saveSweep($this, [
        'if' => ['field' => 'task.title', 'op' => 'ends_with', 'value' => '2'],
        'hand_to' => 'femi',
        'then' => [['kind' => 'priority', 'priority' => 'high']],
    ]);
    $run = looked($this, ['sweep' => $sweep->id, 'filter' => ['holder' => 'tobias']]);
    $page = sweepPage($this, $run);
    expect(sweptRows($this, $run))->toBe([[1, 'tobias', 'femi', 'foreseen']]);
    expect([$page['counts']['left'], $page['run']['over']])->toBe([
        3,
        'Open tasks of the list: open, held by Tobias Lindqvist',
    ]);
    expect($page['run']['said'])->toBe('Where Title ends with 2: hand it to Femi Adeyinka, set the priority to high');
    steer($this, $run, 'carry-out');
    $task = $this->tasks[1]->fresh();
    expect([$task?->assignee?->slug, $task?->priority])->toBe(['femi', Priority::High]);
    $handoff = Handoff::query()->where('task_id', $task?->id)->latest('id')->firstOrFail();
    expect([$handoff->reason, $handoff->cause->value])->toBe(['Urgent brass', 'hand_on']);

    $chosen = looked($this, ['sweep' => $sweep->id, 'ids' => [$this->tasks[0]->id, $this->tasks[1]->id]]);
    expect(sweepPage($this, $chosen)['counts'])->toMatchArray([
        'comesTo' => ['changes' => 0, 'same' => 1, 'nobody' => 0],
        'left' => 1,
    ]);
    expect(sweepPage($this, $chosen)['run']['over'])->toBe('2 chosen tasks');
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
        ...array_map(app(...), [
            App\Bridge\Houses::class,
            App\Sweeps\ChosenTasks::class,
            App\Bridge\TaskSubjects::class,
            App\Bridge\CustomerSource::class,
        ]),
    );
    steer($this, $run->refresh(), 'carry-out');
    Queue::assertPushed(CarryOutSweep::class, 1);
    app(SweepOne::class)($run->refresh(), 1);
    app(SweepOne::class)($run, 1);
    expect(RotationTurn::query()->count())->toBe(1);
    steer($this, $run, 'stop');
    (new CarryOutSweep($run->id))->handle(app(SweepOne::class));
    expect(holders($this))->toBe(['ayumi', 'tobias', 'tobias', 'tobias']);
    expect(sweepPage($this, $run->refresh())['progress'])->toMatchArray([
        'done' => 1,
        'total' => 4,
        'mayGoOn' => true,
        'mayUndo' => true,
    ]);
    steer($this, $run, 'carry-out');
    (new CarryOutSweep($run->id))->handle(app(SweepOne::class));
    expect(holders($this))->toBe(['ayumi', 'femi', 'callum', 'ayumi']);
    expect($run->refresh()->state)->toBe(SweepState::Done);
    Queue::assertNotPushed(UndoSweep::class);
});

it('stops where other rules are in force than when it was looked at', function (): void {
    $run = looked($this, ['rule' => 'round', 'filter' => []]);
    House::publish(House::roundRule());
    expect(sweepPage($this, $run)['run']['isStale'])->toBeTrue();
    steer($this, $run, 'carry-out', 409);
    expect($run->refresh()->state)->toBe(SweepState::Looked)->and(holders($this)[0])->toBe('tobias');
    // Published while it is carried out: the next task is not touched any more.
    $run->update(['state' => SweepState::Carrying, 'carried_at' => now()]);
    (new CarryOutSweep($run->id))->handle(app(SweepOne::class));
    expect([$run->refresh()->state, $run->why])->toBe([SweepState::Stopped, 'other_rules']);
    expect(array_column(sweptRows($this, $run), 3))->toBe(array_fill(0, 4, 'foreseen'));
});

it('says where a rule finds nobody, and where it is so already', function (): void {
    House::publish(givesTo('tobias'), ['id' => 'absent'] + givesTo('callum'));
    House::person('callum')->update(['active' => false]);
    App\Models\House\House::query()->increment('roster_revision');
    $same = sweepPage($this, looked($this, ['rule' => 'by-name', 'filter' => []]));
    expect($same['counts']['comesTo'])->toBe(['changes' => 0, 'same' => 4, 'nobody' => 0]);
    $run = looked($this, ['rule' => 'absent', 'filter' => []]);
    expect(sweepPage($this, $run, '?show=nobody')['rows'])->toHaveCount(4);
    expect(sweepPage($this, $run)['counts']['comesTo'])->toBe(['changes' => 0, 'same' => 0, 'nobody' => 4]);
});

it('is saved under a name, changed by one at a time, and taken away', function (): void {
    $sweep = saveSweep($this, ['hand_to' => 'femi']);
    expect($sweep->document)->toBe(['if' => ['all' => []], 'hand_to' => 'femi', 'then' => []]);
    $put = fn(array $given) => $this->putJson(
        "/rulebook/sweeps/{$sweep->id}",
        $given + sweepOf(['hand_to' => 'callum']),
    );
    $put(['revision' => 1])->assertOk();
    $put(['revision' => 1])->assertConflict();
    expect($sweep->refresh()->document['hand_to'])->toBe('callum');
    $this->postJson('/rulebook/sweeps', sweepOf(['hand_to' => 'femi']))->assertUnprocessable();
    $wrong = $this->postJson(
        '/rulebook/sweeps',
        sweepOf(['hand_to' => 'nemo', 'then' => [['kind' => 'tell']]], 'Other'),
    );
    expect(array_column($wrong->assertUnprocessable()->json('errors'), 'pointer'))->toContain('/hand_to');
    expect(NamedSweep::query()->count())->toBe(1);
    $this->delete("/rulebook/sweeps/{$sweep->id}")->assertRedirect('/rulebook/sweeps');
    expect(NamedSweep::query()->count())->toBe(0);
});

it('is started with a sweep that there is, or a rule in force', function (): void {
    House::publish(['active' => false] + House::roundRule());
    $wrong = fn(array $order) => array_column(
        $this->actingAs(House::user('hanneke'))
            ->postJson('/rulebook/sweep-runs', $order + ['filter' => []])
            ->assertUnprocessable()
            ->json('errors'),
        'pointer',
    );
    expect($wrong(['rule' => 'nowhere']))->toBe(['/rule']);
    expect($wrong(['rule' => 'round']))->toBe(['/rule']);
    expect($wrong(['sweep' => str_repeat('0', 26)]))->toBe(['/sweep']);
    expect($wrong(['sweep' => 'x', 'filter' => ['status' => 'odd']]))->toBe(['/sweep', '/filter/status']);
    expect(SweepRun::query()->count())->toBe(0);
});

it('asks for a number of things that does not grow with the tasks of its page', function (): void {
    $run = looked($this, ['rule' => 'round', 'filter' => []]);
    $queries = function () use ($run): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        sweepPage($this, $run);

        return count(DB::getQueryLog());
    };
    $queries();
    $few = $queries();
    foreach (range(5, 12) as $n) {
        House::arrive('quote', title: "Horn {$n}");
    }
    $run = looked($this, ['rule' => 'round', 'filter' => []]);
    expect($queries())->toBe($few);
});
