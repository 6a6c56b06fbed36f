<?php

declare(strict_types=1);

use App\Documents\SchemaCheck;
use App\Models\Access\AccessToken;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Tests\Support\House;

require_once __DIR__ . '/ApiFunctions.php';

beforeEach(function (): void {
    House::open();
    House::publish(House::roundRule());
    $this->token = House::user('hanneke')->createToken('shop', ['tasks:create', 'tasks:read'])->plainTextToken;
});

it('refuses what is no JSON', function (): void {
    $this->call(
        'POST',
        '/api/v1/tasks',
        [],
        [],
        [],
        [
            'HTTP_AUTHORIZATION' => "Bearer {$this->token}",
            'HTTP_IDEMPOTENCY_KEY' => 'key-00001',
            'CONTENT_TYPE' => 'application/json',
            'HTTP_ACCEPT' => 'application/json',
        ],
        '{"title":',
    )
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.pointer', '');
});

it('wants a token, its right, and a key', function (): void {
    $body = ['title' => 'Trumpet', 'kind' => 'bench-repair'];
    $this->postJson('/api/v1/tasks', $body)
        ->assertUnauthorized()
        ->assertHeader('Content-Type', 'application/problem+json');
    $reading = House::user('ayumi')->createToken('reader', ['tasks:read'])->plainTextToken;
    send($this, $body, ['Authorization' => "Bearer {$reading}"])->assertForbidden();
    $this->app['auth']->forgetGuards();
    send($this, $body, ['Idempotency-Key' => 'short'])
        ->assertStatus(400)
        ->assertJsonPath('type', 'https://openbaton.example/problems/key-missing');
    expect(Task::query()->count())->toBe(0);
});

it('knows a token by number and secret, and keeps to the minute when it was used', function (string $token): void {
    $this->getJson('/api/v1/tasks/01ARZ3NDEKTSV4RRFFQ69G5FAV', [
        'Authorization' => 'Bearer ' . str_replace('N|', explode('|', $this->token)[0] . '|', $token),
    ])->assertUnauthorized();
    expect(AccessToken::query()->sole()->last_used_at)->toBeNull();

    $this->travelTo(CarbonImmutable::parse('2026-03-02T10:00:00Z'));
    send($this, ['title' => 'Trumpet', 'kind' => 'bench-repair'])->assertCreated();
    $this->travelTo(CarbonImmutable::parse('2026-03-02T10:00:59Z'));
    $this->app['auth']->forgetGuards();
    send($this, ['title' => 'Tuba', 'kind' => 'bench-repair'], ['Idempotency-Key' => 'key-00002'])->assertCreated();
    expect(AccessToken::query()->sole()->last_used_at?->format('H:i:s'))->toBe('10:00:00');
    $this->travelTo(CarbonImmutable::parse('2026-03-02T10:01:00Z'));
    $this->app['auth']->forgetGuards();
    send($this, ['title' => 'Horn', 'kind' => 'bench-repair'], ['Idempotency-Key' => 'key-00003'])->assertCreated();
    expect(AccessToken::query()->sole()->last_used_at?->format('H:i:s'))->toBe('10:01:00');
})->with([
    'another secret' => 'N|baton_not-the-secret',
    'no secret' => 'N|',
    'another number' => '999999|baton_x',
    'no number' => 'baton_x',
    'no words of ours' => '|',
]);

it('finds with a token all that is known of whose it is', function (): void {
    $member = House::user('ayumi')->createToken('reader', ['tasks:read'])->plainTextToken;
    expect(AccessToken::findToken($this->token)?->tokenable->getAttributes())->toEqual([
        ...House::user('hanneke')->getAttributes(),
        'leads_house' => 1,
        'person_gone' => 0,
    ]);
    expect(AccessToken::findToken($member)?->tokenable->getAttributes())->toEqual([
        ...House::user('ayumi')->getAttributes(),
        'leads_house' => 0,
        'person_gone' => 0,
    ]);
    DB::enableQueryLog();
    expect(AccessToken::findToken($member)?->tokenable->leads())->toBeFalse();
    expect(AccessToken::findToken($this->token)?->tokenable->leads())->toBeTrue();
    expect(DB::getQueryLog())->toHaveCount(2);
    DB::disableQueryLog();
});

it('gives a task and its decision, with trace and words', function (): void {
    $id = send($this, ['title' => 'Trumpet', 'kind' => 'bench-repair'])->json('id');
    $headers = ['Authorization' => "Bearer {$this->token}"];
    $this->getJson("/api/v1/tasks/{$id}", $headers)
        ->assertOk()
        ->assertJsonPath('assignee.id', 'ayumi');

    $decision = $this->getJson("/api/v1/tasks/{$id}/decision", $headers)->assertOk();
    SchemaCheck::check('decision', json_decode((string) $decision->getContent())->trace);
    expect($decision->json('explanation.summary'))->toBe(
        '5 people → 3 in Brass bench → 3 present → round-robin “Brass bench” → Ayumi Kato',
    );
    expect($decision->json('trace.outcome'))->toBe('assigned');
});

it('answers what is not there in the same form', function (): void {
    $this->getJson('/api/v1/tasks/01ARZ3NDEKTSV4RRFFQ69G5FAV', ['Authorization' => "Bearer {$this->token}"])
        ->assertNotFound()
        ->assertHeader('Content-Type', 'application/problem+json')
        ->assertJsonPath('title', 'Not found.');
});
