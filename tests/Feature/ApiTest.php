<?php

declare(strict_types=1);

use App\Documents\SchemaCheck;
use App\Models\Access\AccessToken;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskKind;
use App\Tasks\AskReview;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\Yaml\Yaml;
use Tests\Support\House;

beforeEach(function (): void {
    House::open();
    House::publish(House::roundRule());
    $this->token = House::user('hanneke')->createToken('shop', ['tasks:create', 'tasks:read'])->plainTextToken;
});

/**
 * @param array<string, mixed>  $body
 * @param array<string, string> $headers
 */
function send(mixed $test, array $body, array $headers = []): TestResponse
{
    return $test->postJson(
        '/api/v1/tasks',
        $body,
        $headers + ['Authorization' => "Bearer {$test->token}", 'Idempotency-Key' => 'key-00001'],
    );
}

it('takes a task in, routes it and answers with where it is', function (): void {
    $response = send($this, [
        'title' => 'Trumpet, stuck valve',
        'kind' => 'bench-repair',
        'customer' => 'holms-school',
        'estimate' => 'PT1H30M',
        'priority' => 'high',
        'tags' => ['warranty'],
        'fields' => ['task.family' => 'brass', 'task.value' => 320.5],
    ])->assertCreated();

    $response->assertJson([
        'title' => 'Trumpet, stuck valve',
        'kind' => 'bench-repair',
        'status' => 'new',
        'priority' => 'high',
        'customer' => 'holms-school',
        'estimate' => 'PT1H30M',
        'tags' => ['warranty'],
        'assignee' => ['id' => 'ayumi', 'name' => 'Ayumi Kato'],
    ]);
    $task = Task::query()->sole();
    $response->assertHeader('Location', url("/api/v1/tasks/{$task->id}"));
    expect($task->facts)
        ->toBe(['task.family' => 'brass', 'task.value' => 320.5])
        ->and($task->number)
        ->toBe($response->json('number'));
});

it('answers about the task that has come as it does later about the one that is there', function (
    array $rule,
    array $body,
): void {
    House::publish(
        House::rule('any', ['all' => []], $rule, [
            ['kind' => 'due_in', 'after' => 'P2D', 'hours_of' => 'house'],
            ['kind' => 'priority', 'priority' => 'urgent'],
            ['kind' => 'tag', 'tag' => 'seen'],
        ]),
    );
    $come = send($this, $body)->assertCreated();
    $there = $this->getJson("/api/v1/tasks/{$come->json('id')}", [
        'Authorization' => "Bearer {$this->token}",
    ])->assertOk();

    expect($come->json())
        ->toBe($there->json())
        ->and($come->json('priority'))
        ->toBe('urgent')
        ->and($come->json('tags'))
        ->toBe(['warranty', 'seen'])
        ->and($come->json('due'))
        ->not->toBeNull();
})->with([
    'somebody holds it' => [
        ['pool' => ['kind' => 'people', 'people' => ['femi']], 'method' => ['kind' => 'in_order']],
        [
            'title' => 'Trumpet',
            'kind' => 'bench-repair',
            'customer' => 'holms-school',
            'contact' => 'The bursar',
            'description' => 'Stuck',
            'estimate' => 'PT45M',
            'start' => '2026-03-03T09:00:00Z',
            'tags' => ['warranty'],
            'fields' => ['task.value' => 320.5, 'task.family' => 'brass'],
        ],
    ],
    'it is open' => [
        ['pool' => ['kind' => 'people', 'people' => ['femi']], 'method' => ['kind' => 'open']],
        ['title' => 'Tuba', 'kind' => 'quote', 'tags' => ['warranty', 'seen']],
    ],
]);

it('tells why a task waits, who reviews it, and what made it', function (): void {
    House::publish(
        House::rule(
            'quote',
            ['field' => 'task.kind', 'op' => 'is', 'value' => 'bench-repair'],
            ['pool' => ['kind' => 'people', 'people' => ['femi']], 'method' => ['kind' => 'in_order']],
            [
                [
                    'kind' => 'create_task',
                    'task_kind' => 'quote',
                    'title' => 'Quote for ~task.title~',
                    'for' => ['kind' => 'people', 'people' => ['tobias']],
                    'wait' => true,
                ],
            ],
        ),
        [
            'id' => 'check',
            'name' => 'Check',
            'when' => [['kind' => 'status_becomes', 'statuses' => ['in_review']]],
            'give' => [
                'pool' => ['kind' => 'people', 'people' => ['ayumi']],
                'method' => ['kind' => 'same_person'],
                'seat' => 'reviewer',
            ],
        ],
    );
    $get = fn(string $id): array => $this->getJson("/api/v1/tasks/{$id}", ['Authorization' => "Bearer {$this->token}"])
        ->assertOk()
        ->json();
    $come = send($this, ['title' => 'Tuba', 'kind' => 'bench-repair'])
        ->assertCreated()
        ->json();
    $quote = Task::query()->where('made_by_id', $come['id'])->sole();
    expect([$come['status'], $come['waiting'], $come['source'], $come['made_by']])
        ->toBe(['waiting', ['for' => null, 'until' => null, 'on' => [$quote->id]], 'api', null])
        ->and($get($come['id']))
        ->toBe($come)
        ->and(array_intersect_key($get($quote->id), ['source' => 1, 'made_by' => 1, 'waiting' => 1, 'reviewer' => 1]))
        ->toBe(['reviewer' => null, 'waiting' => null, 'source' => 'rule', 'made_by' => $come['id']]);
    app(AskReview::class)($quote, null, House::user('hanneke'));
    expect($get($quote->id)['reviewer'])->toBe(['id' => 'ayumi', 'name' => 'Ayumi Kato']);
    // The description of the interface has what is answered, and nothing else.
    expect(
        array_keys(
            Yaml::parseFile(base_path('docs/formats/openapi.yaml'))['components']['schemas']['Task']['properties'],
        ),
    )->toBe(array_keys($come));
});

it('says to whom a task is open, and asks for it where it is open to somebody', function (): void {
    DB::enableQueryLog();
    send($this, ['title' => 'Quote', 'kind' => 'quote'])
        ->assertCreated()
        ->assertJson(['assignee' => null, 'open_to' => []]);
    expect(
        array_filter(
            array_column(DB::getQueryLog(), 'query'),
            static fn(string $sql): bool => str_starts_with($sql, 'select') && str_contains($sql, 'task_claimants'),
        ),
    )->toBe([]);

    House::publish(
        House::rule(
            'open',
            ['all' => []],
            ['pool' => ['kind' => 'skill', 'skill' => 'brass', 'level' => 2], 'method' => ['kind' => 'open']],
        ),
    );
    $open = send($this, ['title' => 'Quote', 'kind' => 'quote'], ['Idempotency-Key' => 'key-00002'])->assertCreated();
    expect($open->json('open_to'))->toEqualCanonicalizing(['ayumi', 'femi']);
});

it('makes one task of a request that comes twice', function (): void {
    $body = ['title' => 'Trumpet', 'kind' => 'bench-repair'];
    $first = send($this, $body)->assertCreated();
    $second = send($this, $body)->assertOk()->assertHeader('Idempotent-Replayed', 'true');
    expect($second->json('id'))
        ->toBe($first->json('id'))
        ->and(Task::query()->count())
        ->toBe(1);
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
    expect(array_column($response->json('errors'), 'pointer'))
        ->toBe($pointers)
        // What is missing is named, apart from the sentence that says so.
        ->and(array_column($response->json('errors'), 'missing'))
        ->toBe(array_values(array_filter(['title', 'kind'], static fn(string $name): bool => !isset($body[$name]))))
        ->and(Task::query()->count())
        ->toBe(0);
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
    expect(AccessToken::findToken($this->token)?->tokenable->getAttributes())
        ->toEqual([...House::user('hanneke')->getAttributes(), 'leads_house' => 1, 'person_gone' => 0])
        ->and(AccessToken::findToken($member)?->tokenable->getAttributes())
        ->toEqual([...House::user('ayumi')->getAttributes(), 'leads_house' => 0, 'person_gone' => 0]);
    DB::enableQueryLog();
    expect(AccessToken::findToken($member)?->tokenable->leads())
        ->toBeFalse()
        ->and(AccessToken::findToken($this->token)?->tokenable->leads())
        ->toBeTrue()
        ->and(DB::getQueryLog())
        ->toHaveCount(2);
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
    expect($decision->json('explanation.summary'))
        ->toBe('5 people → 3 in Brass bench → 3 present → round-robin “Brass bench” → Ayumi Kato')
        ->and($decision->json('trace.outcome'))
        ->toBe('assigned');
});

it('answers what is not there in the same form', function (): void {
    $this->getJson('/api/v1/tasks/01ARZ3NDEKTSV4RRFFQ69G5FAV', ['Authorization' => "Bearer {$this->token}"])
        ->assertNotFound()
        ->assertHeader('Content-Type', 'application/problem+json')
        ->assertJsonPath('title', 'Not found.');
});
