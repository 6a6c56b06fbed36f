<?php

declare(strict_types=1);

use App\Models\Tasks\Task;
use App\Models\Tasks\TaskKind;
use Illuminate\Support\Facades\DB;
use Tests\Support\House;

require_once __DIR__ . '/ApiFunctions.php';

beforeEach(function (): void {
    House::open();
    House::publish(House::roundRule());
    $this->token = House::user('hanneke')->createToken('shop', ['tasks:create', 'tasks:read'])->plainTextToken;
});

it('makes one task of a request that comes twice', function (): void {
    $body = ['title' => 'Trumpet', 'kind' => 'bench-repair'];
    $first = send($this, $body)->assertCreated();
    $second = send($this, $body)->assertOk()->assertHeader('Idempotent-Replayed', 'true');
    expect($second->json('id'))->toBe($first->json('id'));
    expect(Task::query()->count())->toBe(1);
});

it('answers a request that comes again as it did, though it would not be right by now', function (): void {
    $body = ['title' => 'Trumpet', 'kind' => 'quote', 'customer' => 'holms-school'];
    $first = send($this, $body)->assertCreated();
    TaskKind::query()
        ->where('slug', 'quote')
        ->update(['slug' => 'offer']);
    DB::table('houses')->increment('roster_revision');
    send($this, $body)
        ->assertOk()
        ->assertJson(['id' => $first->json('id'), 'customer' => 'holms-school', 'kind' => 'offer']);
    send($this, $body, ['Idempotency-Key' => 'key-00002'])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.pointer', '/kind');
    expect(Task::query()->count())->toBe(1);
});

it('takes keys that differ in case for two', function (): void {
    send($this, ['title' => 'Trumpet', 'kind' => 'quote'], ['Idempotency-Key' => 'Key-00001'])->assertCreated();
    send($this, ['title' => 'Tuba', 'kind' => 'quote'], ['Idempotency-Key' => 'key-00001'])->assertCreated();
});

it('refuses a key that comes back with something else', function (): void {
    send($this, ['title' => 'Trumpet', 'kind' => 'bench-repair'])->assertCreated();
    send($this, ['title' => 'Tuba', 'kind' => 'bench-repair'])
        ->assertUnprocessable()
        ->assertHeader('Content-Type', 'application/problem+json')
        ->assertJsonPath('type', 'https://openbaton.example/problems/key-used-otherwise');
    expect(Task::query()->count())->toBe(1);
});

it('says everything that is wrong, each with its place', function (array $body, array $pointers): void {
    $response = send($this, $body)->assertUnprocessable()->assertHeader('Content-Type', 'application/problem+json');
    expect(array_column($response->json('errors'), 'pointer'))->toBe($pointers);

    // What is missing is named, apart from the sentence that says so.
    expect(array_column($response->json('errors'), 'missing'))->toBe(
        array_values(array_filter(['title', 'kind'], static fn(string $name): bool => !isset($body[$name]))),
    );
    expect(Task::query()->count())->toBe(0);
})->with([
    'nothing' => [['x' => 1], ['/x', '', '']],
    'unknown things' => [
        [
            'title' => 'T',
            'kind' => 'polish',
            'customer' => 'nobody',
            'fields' => ['task.family' => 'kazoo', 'task.hue' => 'red'],
        ],
        ['/kind', '/customer', '/fields/task.family', '/fields/task.hue'],
    ],
    'wrong forms' => [
        [
            'title' => 7,
            'kind' => 'quote',
            'estimate' => '2 hours',
            'due' => 'tomorrow',
            'priority' => 'asap',
            'fields' => ['task.value' => 1.234],
        ],
        ['/title', '/priority', '/estimate', '/due', '/fields/task.value'],
    ],
    'moments of other centuries' => [
        ['title' => 'T', 'kind' => 'quote', 'start' => '1899-12-31T09:00:00Z', 'due' => '3000-01-01T09:00:00Z'],
        ['/start', '/due'],
    ],
    'due before it starts' => [
        ['title' => 'T', 'kind' => 'quote', 'start' => '2026-03-03T09:00:00Z', 'due' => '2026-03-02T09:00:00Z'],
        ['/due'],
    ],
]);
