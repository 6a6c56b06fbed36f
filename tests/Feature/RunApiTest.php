<?php

declare(strict_types=1);

use App\Models\Access\TokenAbility;
use App\Models\Cases\CustomerCase;
use App\Models\Runsheets\Run;
use App\Models\Tasks\Task;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\Support\Cases;
use Tests\Support\Clock;
use Tests\Support\House;
use Tests\Support\Runsheets;

beforeEach(function (): void {
    // A Monday.
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
});

/**
 * @param array<string, string>|null $body what is sent; null: it is read
 * @param string                     $key  '': a new one
 */
function runsApi(
    mixed $test,
    Task|CustomerCase $of,
    ?array $body = null,
    string $key = '',
    string $who = 'hanneke',
    string $query = '',
): TestResponse {
    app('auth')->forgetGuards();
    app()->forgetScopedInstances();
    $token = House::user($who)->createToken('t', array_column(TokenAbility::cases(), 'value'))->plainTextToken;
    $path = '/api/v1/' . ($of instanceof Task ? 'tasks' : 'cases') . "/{$of->id}/runs{$query}";
    $headers = [
        'Authorization' => "Bearer {$token}",
        'Idempotency-Key' => $key === '' ? 'key-' . Str::random(12) : $key,
    ];

    return $body === null ? $test->getJson($path, $headers) : $test->postJson($path, $body, $headers);
}

it('starts a runsheet on a task once under its key, and tells where each of its steps is', function (): void {
    Runsheets::publish(Runsheets::largeRepair());
    $task = House::arrive(title: 'Tuba');
    $body = ['runsheet' => 'large-repair'];
    $started = runsApi($this, $task, $body, 'tuba-repair')->assertCreated();
    runsApi($this, $task, $body, 'tuba-repair')
        ->assertOk()
        ->assertHeader('Idempotent-Replayed', 'true')
        ->assertJsonPath('id', $started->json('id'));
    // Another start answers with the run that goes on there.
    runsApi($this, $task, $body)
        ->assertOk()
        ->assertHeaderMissing('Idempotent-Replayed')
        ->assertJsonPath('id', $started->json('id'));
    expect(Run::query()->count())->toBe(1);
    $run = runsApi($this, $task)->assertOk()->json('runs.0');
    expect(array_diff_key($run, ['id' => '', 'steps' => '']))->toBe([
        'runsheet' => 'large-repair',
        'version' => 1,
        'name' => 'Large repair',
        'state' => 'running',
        'started' => '2026-03-02T10:00:00Z',
        'over' => null,
        'task' => $task->id,
        'case' => null,
        'revision' => Run::query()->sole()->revision,
    ]);
    expect(array_column($run['steps'], 'state', 'key'))->toBe([
        'diagnosis' => 'open',
        'approval' => 'open',
        'insurer' => 'skipped',
        'bench' => 'not_reached',
        'check' => 'not_reached',
    ]);
    expect(array_column(array_merge(...array_column($run['steps'], 'tasks')), 'assignee'))->toBe(['femi', 'hanneke']);
});

it('refuses a runsheet about something else, one that is not there, and a task that is closed', function (): void {
    Runsheets::publish(Runsheets::largeRepair());
    Runsheets::ofCases();
    $task = House::arrive();
    runsApi($this, $task, ['runsheet' => 'calls'])->assertStatus(409);
    runsApi($this, $task, ['runsheet' => 'none'])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.pointer', '/runsheet');
    runsApi($this, $task, [], 'nothing-said')->assertUnprocessable();
    $case = Cases::open(['owner' => 'femi']);
    $started = runsApi($this, $case, ['runsheet' => 'calls'])->assertCreated();
    expect([$started->json('case'), $started->json('steps.0.state')])->toBe([$case->id, 'open']);
    Task::query()
        ->whereKey($task->id)
        ->update(['status' => 'dropped']);
    runsApi($this, $task, ['runsheet' => 'large-repair'])->assertStatus(409);
    expect(Run::query()->count())->toBe(1);
});

it('lists them by pages, to those who see what they are of', function (): void {
    $sheet = Runsheets::publish(['several' => true] + Runsheets::document([Runsheets::task('bench')]));
    $task = House::arrive();
    $started = array_map(static fn(): string => Runsheets::start($sheet, $task)->id, range(1, 3));
    $first = runsApi($this, $task, query: '?limit=2')->assertOk();
    expect([array_column($first->json('runs'), 'id'), $first->json('before')])->toBe([
        [$started[2], $started[1]],
        $started[1],
    ]);
    $rest = runsApi($this, $task, query: "?before={$started[1]}")->assertOk();
    expect([array_column($rest->json('runs'), 'id'), $rest->json('before')])->toBe([[$started[0]], null]);
});

it('is read by those who see what it is of, and names to them the tasks that they see', function (): void {
    $sheet = Runsheets::publish(Runsheets::largeRepair());
    $task = House::arrive();
    Task::query()
        ->whereKey($task->id)
        ->update(['assignee_id' => House::person('tobias')->id]);
    Runsheets::start($sheet, $task->refresh());
    // On the bench of nobody whom the first step is given to.
    $run = runsApi($this, $task, who: 'tobias')->assertOk()->json('runs.0');
    expect([array_column($run['steps'], 'tasks'), $run['steps'][0]['state']])->toBe([[[], [], [], [], []], 'open']);
    $leads = runsApi($this, $task)->assertOk()->json('runs.0');
    expect($leads['steps'][0]['tasks'][0]['assignee'])->toBe('femi');
    app()->forgetScopedInstances();
    expect(House::user('femi')->can('view', $task))->toBeFalse();
    runsApi($this, $task, who: 'femi')->assertForbidden();
});

it('asks no more of the database, however many runs and steps there are', function (): void {
    $sheet = Runsheets::publish(
        ['several' => true] + Runsheets::document(array_map(Runsheets::task(...), ['one', 'two', 'three'])),
    );
    $task = House::arrive();
    Task::query()
        ->whereKey($task->id)
        ->update(['assignee_id' => House::person('tobias')->id]);
    $asked = function () use ($task): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        runsApi($this, $task, who: 'tobias')->assertOk();
        DB::disableQueryLog();

        return count(DB::getQueryLog());
    };
    Runsheets::start($sheet, $task);
    Runsheets::start($sheet, $task);
    // What is kept of the house is there from then on.
    $asked();
    $few = $asked();
    for ($more = 0; $more < 8; ++$more) {
        Runsheets::start($sheet, $task);
    }
    $asked();
    expect($asked())->toBe($few);
});
