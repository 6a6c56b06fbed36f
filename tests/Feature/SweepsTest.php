<?php

declare(strict_types=1);

use App\Models\Rules\Rotation;
use App\Models\Rules\RotationTurn;
use App\Models\Sweeps\NamedSweep;
use App\Models\Sweeps\SweepRun;
use App\Models\Sweeps\SweepState;
use App\Models\Tasks\Handoff;
use App\Models\Tasks\Task;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\House;
use Tests\Support\PropTypes;

require_once __DIR__ . '/PagesFunctions.php';
require_once __DIR__ . '/SweepsFunctions.php';

beforeEach(function (): void {
    $this->tasks = sweptHouse();
});

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
    expect(whoHolds($this))->toBe(['tobias', 'tobias', 'tobias', 'tobias']);
    expect([Rotation::query()->count(), RotationTurn::query()->count()])->toBe([0, 0]);
});

it('carries out only what was not taken out, and what is still so', function (): void {
    $run = looked($this, ['rule' => 'round', 'filter' => []]);
    $this->putJson("/rulebook/sweep-runs/{$run->id}/tasks", ['places' => [2], 'in' => false])->assertOk();
    Task::query()
        ->whereKey($this->tasks[2]->id)
        ->update(['status' => TaskStatus::Done, 'completed_at' => now()]);
    steer($this, $run, 'carry-out');
    expect(whoHolds($this))->toBe(['ayumi', 'tobias', 'tobias', 'femi']);
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

it('says where a rule finds nobody, and where it is so already', function (): void {
    House::publish(givesByName('tobias'), ['id' => 'absent'] + givesByName('callum'));
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

it('gives its pages what their TypeScript types say', function (): void {
    $sweep = saveSweep($this, ['if' => ['field' => 'task.value', 'op' => 'is_empty'], 'hand_to' => 'femi']);
    $run = looked($this, ['sweep' => $sweep->id, 'filter' => ['due' => 'late']]);
    $carried = looked($this, ['rule' => 'round', 'filter' => []]);
    steer($this, $carried, 'carry-out');
    expect(
        PropTypes::check('sweeps', [
            ['SweepsPage', 'SweepsPageProps', propsOf($this, 'hanneke', "/rulebook/sweeps?sweep={$sweep->id}")],
            ['SweepRunPage', 'SweepRunPageProps', propsOf($this, 'hanneke', "/rulebook/sweep-runs/{$run->id}")],
            ['SweepRunPage', 'SweepRunPageProps', propsOf($this, 'hanneke', "/rulebook/sweep-runs/{$carried->id}")],
        ]),
    )->toBe('');
    $runs = propsOf($this, 'hanneke', '/rulebook/sweeps')['runs'];
    expect(array_map(static fn(array $one): array => [$one['name'], $one['carried'], $one['state']], $runs))->toBe([
        ['Rule round', 4, 'done'],
    ]);
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
