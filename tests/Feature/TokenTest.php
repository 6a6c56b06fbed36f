<?php

declare(strict_types=1);

use App\Models\Tasks\Task;
use Illuminate\Testing\TestResponse;
use Tests\Support\House;

beforeEach(function (): void {
    House::open();
    House::publish(House::roundRule());
    $this->task = House::arrive();
});

/** @param list<string> $rights */
function withToken(mixed $test, string $who, array $rights, string $method, string $path): TestResponse
{
    $token = House::user($who)->createToken('t', $rights)->plainTextToken;
    app('auth')->forgetGuards();
    $path = str_replace('TASK', $test->task->id, $path);
    $body = $method === 'POST' ? ['title' => 'Tuba', 'kind' => 'bench-repair'] : [];

    return $test->json($method, "/api/v1/{$path}", $body, [
        'Authorization' => "Bearer {$token}",
        'Idempotency-Key' => 'key-00001',
    ]);
}

it('lets a token do what it carries the right for', function (
    string $method,
    string $path,
    array $rights,
    int $status,
): void {
    $response = withToken($this, 'hanneke', $rights, $method, $path)->assertStatus($status);
    if ($status === 403) {
        $response
            ->assertJsonPath('type', 'https://openbaton.example/problems/not-allowed')
            ->assertHeader('Content-Type', 'application/problem+json');
    }
    expect(Task::query()->count())->toBe($status === 201 ? 2 : 1);
})->with([
    'bringing in' => ['POST', 'tasks', ['tasks:create'], 201],
    'bringing in, with the right to read' => ['POST', 'tasks', ['tasks:read'], 403],
    'bringing in, with no right' => ['POST', 'tasks', [], 403],
    'reading' => ['GET', 'tasks/TASK', ['tasks:read'], 200],
    'reading what somebody else has brought in, with the right to bring in' => [
        'GET',
        'tasks/TASK',
        ['tasks:create'],
        403,
    ],
    'reading, with no right' => ['GET', 'tasks/TASK', [], 403],
    'reading, with the right to something else' => ['GET', 'tasks/TASK', ['rulebook:read'], 403],
    'the decision' => ['GET', 'tasks/TASK/decision', ['tasks:read'], 200],
    'the decision, with no right' => ['GET', 'tasks/TASK/decision', [], 403],
    'whatever there is' => ['POST', 'tasks', ['*'], 201],
]);

it('lets nobody by whom the token is do more than they may', function (): void {
    withToken($this, 'tobias', ['tasks:create'], 'POST', 'tasks')->assertForbidden();
    expect(Task::query()->count())->toBe(1);
});

it('opens no page to a token', function (): void {
    $token = House::user('hanneke')->createToken('t', ['*'])->plainTextToken;
    $this->getJson('/floor', ['Authorization' => "Bearer {$token}"])->assertUnauthorized();
    $this->getJson('/rulebook/export', ['Authorization' => "Bearer {$token}"])->assertUnauthorized();
});

it('does not know a token that was taken back', function (): void {
    $made = House::user('hanneke')->createToken('t', ['tasks:read']);
    app('auth')->forgetGuards();
    $made->accessToken->delete();
    $this->getJson("/api/v1/tasks/{$this->task->id}", [
        'Authorization' => "Bearer {$made->plainTextToken}",
    ])->assertUnauthorized();
});

it('tells a token that brings tasks in what became of those', function (): void {
    $token = House::user('hanneke')->createToken('t', ['tasks:create'])->plainTextToken;
    app('auth')->forgetGuards();
    $headers = ['Authorization' => "Bearer {$token}", 'Idempotency-Key' => 'key-00001'];
    $id = $this->postJson(
        '/api/v1/tasks',
        ['title' => 'Tuba', 'kind' => 'bench-repair', 'contact' => 'tuba@holms.example'],
        $headers,
    )
        ->assertCreated()
        ->json('id');
    $this->getJson("/api/v1/tasks/{$id}", $headers)
        ->assertOk()
        ->assertJsonPath('contact', 'tuba@holms.example');
    $this->getJson("/api/v1/tasks/{$id}/decision", $headers)->assertOk();
});

it('shows a token the tasks that its owner sees, and of those the contact that they see', function (): void {
    [$here, $there] = [House::arrive(), House::arrive('quote')];
    Task::query()
        ->whereKey([$here->id, $there->id])
        ->update(['contact' => 'tuba@holms.example', 'creator_id' => null]);
    $here->update(['assignee_id' => House::person('ayumi')->id]);
    $there->update(['assignee_id' => House::person('tobias')->id]);
    withToken($this, 'ayumi', ['tasks:read'], 'GET', "tasks/{$here->id}")
        ->assertOk()
        ->assertJsonPath('contact', 'tuba@holms.example');
    withToken($this, 'ayumi', ['tasks:read'], 'GET', "tasks/{$there->id}")->assertForbidden();
    withToken($this, 'ayumi', ['tasks:read'], 'GET', "tasks/{$there->id}/decision")->assertForbidden();
    withToken($this, 'femi', ['tasks:read'], 'GET', "tasks/{$here->id}")
        ->assertOk()
        ->assertJsonMissingPath('contact');
});
