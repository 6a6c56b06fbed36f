<?php

declare(strict_types=1);

use App\Models\Runsheets\Run;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskSource;
use App\Runsheets\GoOn;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Flow\Run\StepState;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\Clock;
use Tests\Support\House;
use Tests\Support\Runsheets;

beforeEach(function (): void {
    // A Monday.
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
    $this->actingAs(House::user('hanneke'));
    $this->sheet = fn(string ...$keys) => Runsheets::publish(
        Runsheets::document(array_map(Runsheets::task(...), $keys), 'task', 'looks'),
    );
    $this->run = Runsheets::start(($this->sheet)('look', 'mend'), House::arrive());
    $this->move = fn(array $more = []) => $this->postJson(
        "/runs/{$this->run->id}/move",
        $more + ['revision' => $this->run->refresh()->revision],
    );
});

/** @return list<array<string, mixed>> runs that go on with an earlier version */
function behindLooks(): array
{
    app()->forgetScopedInstances();

    return test()->getJson('/runsheets/looks/behind')->assertOk()->json('runs');
}

/** @return array<string, string> states of the blocks of a run, by key */
function statesOfRun(Run $run): array
{
    return $run
        ->blocks()
        ->whereIn('key', ['look', 'wash', 'mend', 'test'])
        ->orderBy('id')
        ->get()
        ->mapWithKeys(static fn($block): array => [$block->key => $block->state->value])
        ->all();
}

it('tells run by run what would become of it, and moves it', function (): void {
    expect(behindLooks())->toBe([]);
    ($this->sheet)('wash', 'look', 'test');
    [$line] = behindLooks();
    expect([$line['version'], $line['opens'], $line['gone'], $line['passed']])->toBe([1, [], [], ['Wash']]);
    ($this->move)()->assertOk();
    expect(statesOfRun($this->run))->toMatchArray(['look' => 'open', 'wash' => 'skipped']);
    expect(behindLooks())->toBe([]);
    // It goes on with what the version has now.
    Task::query()
        ->where('source', TaskSource::Run)
        ->update(['status' => TaskStatus::Done, 'completed_at' => now()]);
    app(GoOn::class)($this->run->id);
    expect(statesOfRun($this->run))->toMatchArray(['look' => 'done', 'test' => 'open']);
    expect(Task::query()->where('source', TaskSource::Run)->open()->sole()->title)->toStartWith('Test');
});

it('drops the open task of a step that is gone, or leaves it, and opens what comes in its place', function (
    bool $keep,
    TaskStatus $status,
): void {
    $task = Task::query()->where('source', TaskSource::Run)->sole();
    ($this->sheet)('wash', 'test');
    expect([behindLooks()[0]['opens'], behindLooks()[0]['gone']])->toBe([['Wash'], ['Look']]);
    app()->forgetScopedInstances();
    ($this->move)(['keep' => $keep])->assertOk();
    expect($task->refresh()->status)->toBe($status);
    expect(statesOfRun($this->run))->toMatchArray(['look' => 'dropped', 'wash' => 'open']);
})->with(['dropped' => [false, TaskStatus::Dropped], 'left' => [true, TaskStatus::New]]);

it('refuses a run that has gone on since, is over, or goes by that version already', function (): void {
    ($this->move)()->assertStatus(409);
    ($this->sheet)('look', 'test');
    app()->forgetScopedInstances();
    ($this->move)(['revision' => 0])->assertStatus(409);
    $this->postJson("/runs/{$this->run->id}/deed", [
        'revision' => $this->run->refresh()->revision,
        'deed' => 'cancel',
    ])->assertOk();
    app()->forgetScopedInstances();
    ($this->move)()->assertStatus(409);
    expect($this->run->blocks()->where('state', StepState::Open)->count())->toBe(0);
});

it('asks no more of the database for many runs than for one', function (): void {
    ($this->sheet)('look', 'test');
    $queries = function (): int {
        behindLooks();
        DB::flushQueryLog();
        DB::enableQueryLog();
        behindLooks();

        return count(DB::getQueryLog());
    };
    $one = $queries();
    $version = $this->run->refresh()->version_id;
    foreach (range(1, 3) as $number) {
        Runsheets::start($this->run->runsheet, House::arrive())->update(['version_id' => $version]);
    }
    expect(count(behindLooks()))->toBe(4);
    expect($queries())->toBe($one);
});
