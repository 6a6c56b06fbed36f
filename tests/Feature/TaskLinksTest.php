<?php

declare(strict_types=1);

use App\Models\Tasks\Task;
use App\Models\Tasks\TaskChange;
use App\Tasks\WaitTask;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\House;

beforeEach(function (): void {
    House::open();
    House::publish(House::roundRule());
    // By the rotation the first is Ayumi's, the second Femi's.
    [$this->one, $this->two, $this->three] = [
        House::arrive(title: 'First horn'),
        House::arrive(title: 'Second horn'),
        House::arrive(title: 'Third horn'),
    ];
});

function posted(mixed $test, string $who, Task $task, string $what, array $data): TestResponse
{
    return $test->actingAs(House::user($who))->post("/tasks/{$task->id}/{$what}", $data);
}

/** @return array<string, mixed> what the page of a task is given */
function pageOf(mixed $test, Task $task): array
{
    return $test
        ->actingAs(House::user('hanneke'))
        ->get("/tasks/{$task->id}")
        ->assertOk()
        ->viewData('page')['props']['task'];
}

/** @return list<array{int, list<string>}> */
function linksOn(mixed $test, Task $task): array
{
    return array_map(
        static fn(array $link): array => [$link['task']['number'], $link['ways']],
        pageOf($test, $task)['links'],
    );
}

it('links two tasks, seen from both, and unlinks them from either', function (): void {
    posted($this, 'ayumi', $this->one, 'link', ['other' => $this->two->id, 'on' => 1])->assertSessionHas('done');
    posted($this, 'ayumi', $this->one, 'link', ['other' => $this->two->id, 'on' => 1]);
    expect(linksOn($this, $this->one))->toBe([[$this->two->number, ['linked']]]);
    expect(linksOn($this, $this->two))->toBe([[$this->one->number, ['linked']]]);
    expect(
        TaskChange::query()
            ->orderBy('id')
            ->get()
            ->map(static fn(TaskChange $one): array => [$one->task_id, $one->occasion])
            ->all(),
    )->toBe([[$this->one->id, 'linked'], [$this->two->id, 'linked']]);
    $history = pageOf($this, $this->two)['history'];
    expect(end($history))->toMatchArray([
        'said' => 'Ayumi Kato linked it',
        'changes' => ["Goes with № {$this->one->number} First horn"],
    ]);
    posted($this, 'femi', $this->two, 'link', ['other' => $this->one->id, 'on' => 0]);
    expect([linksOn($this, $this->one), linksOn($this, $this->two)])->toBe([[], []]);
    expect(DB::table('task_links')->count())->toBe(0);
});

it('links nothing that is not there, nothing with itself, and nothing for others', function (): void {
    posted($this, 'ayumi', $this->one, 'link', ['other' => $this->one->id, 'on' => 1])->assertSessionHasErrors([
        'other' => 'A task goes with another one, not with itself.',
    ]);
    posted($this, 'ayumi', $this->one, 'link', ['other' => 'nothing', 'on' => 1])->assertSessionHasErrors([
        'other' => 'Choose a task that is there.',
    ]);
    posted($this, 'femi', $this->one, 'link', ['other' => $this->two->id, 'on' => 1])->assertForbidden();
    expect(DB::table('task_links')->count())->toBe(0);
    expect(TaskChange::query()->count())->toBe(0);
});

it('goes on by itself when the task that it waits for is done', function (): void {
    posted($this, 'ayumi', $this->one, 'wait', [
        'reason' => 'The other horn first',
        'on' => $this->two->id,
    ])->assertSessionHasNoErrors();
    expect($this->one->refresh()->status)->toBe(TaskStatus::Waiting);
    expect(linksOn($this, $this->one))->toBe([[$this->two->number, ['waits_on']]]);
    expect(linksOn($this, $this->two))->toBe([[$this->one->number, ['waited_for']]]);
    posted($this, 'femi', $this->two, 'complete', []);
    expect($this->one->refresh()->status)->toBe(TaskStatus::New);
    expect(linksOn($this, $this->one))->toBe([]);
});

it('never waits for what waits for it, or for what is done', function (): void {
    posted($this, 'ayumi', $this->one, 'wait', ['reason' => 'Two first', 'on' => $this->two->id]);
    posted($this, 'femi', $this->two, 'wait', ['reason' => 'Three first', 'on' => $this->three->id]);
    posted($this, 'hanneke', $this->three, 'wait', [
        'reason' => 'One first',
        'on' => $this->one->id,
    ])->assertSessionHasErrors(['on' => "№ {$this->one->number} itself waits for this one: neither would ever go on."]);
    posted($this, 'hanneke', $this->three, 'wait', [
        'reason' => 'Itself',
        'on' => $this->three->id,
    ])->assertSessionHasErrors(['on' => 'Choose another task.']);
    expect($this->three->refresh()->status)->toBe(TaskStatus::New);
    $done = House::arrive();
    posted($this, 'hanneke', $done, 'complete', []);
    posted($this, 'hanneke', $this->three, 'wait', ['reason' => 'What was', 'on' => $done->id])->assertSessionHasErrors(
        ['on' => "№ {$done->number} is done with already: there is nothing to wait for."],
    );
});

it('asks for as many rows however many tasks are linked', function (): void {
    $queries = function (): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        pageOf($this, $this->one);
        DB::disableQueryLog();

        return count(DB::getQueryLog());
    };
    posted($this, 'ayumi', $this->one, 'link', ['other' => $this->two->id, 'on' => 1]);
    $queries();
    $one = $queries();
    foreach (range(1, 5) as $more) {
        posted($this, 'ayumi', $this->one, 'link', ['other' => House::arrive()->id, 'on' => 1]);
    }
    expect($queries())->toBe($one);
});

it('completes what waits for others only where one says so, and tells which', function (): void {
    app(WaitTask::class)($this->one, 'The other', null, House::user('hanneke'), null, [$this->two->id]);
    $complete = fn(array $more) => $this->actingAs(House::user('hanneke'))->postJson(
        "/tasks/{$this->one->id}/complete",
        ['spent' => 5] + $more,
    );
    $complete([])
        ->assertStatus(409)
        ->assertJsonPath('type', 'https://openbaton.example/problems/waits-for-others')
        ->assertJsonPath(
            'detail',
            "It waits for № {$this->two->number}, still open. Say that it is to be completed all the same: the " .
                'others stay open then, and nothing waits for them any more.',
        );
    expect([$this->one->refresh()->status, $this->one->spent_minutes])->toBe([TaskStatus::Waiting, 0]);
    $complete(['anyway' => true])->assertRedirect();
    expect([
        $this->one->refresh()->status,
        $this->two->refresh()->status->isOpen(),
        $this->one->waitsOn()->count(),
    ])->toBe([TaskStatus::Done, true, 0]);
    // What waits for nothing needs no such word.
    $this->postJson("/tasks/{$this->two->id}/complete", ['spent' => 5])->assertRedirect();
});
