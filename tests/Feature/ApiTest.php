<?php

declare(strict_types=1);

use App\Models\Tasks\Task;
use App\Tasks\AskReview;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Yaml\Yaml;
use Tests\Support\House;

require_once __DIR__ . '/ApiFunctions.php';

beforeEach(function (): void {
    House::open();
    House::publish(House::roundRule());
    $this->token = House::user('hanneke')->createToken('shop', ['tasks:create', 'tasks:read'])->plainTextToken;
});

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
    expect($task->facts)->toBe(['task.family' => 'brass', 'task.value' => 320.5]);
    expect($task->number)->toBe($response->json('number'));
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

    expect($come->json())->toBe($there->json());
    expect($come->json('priority'))->toBe('urgent');
    expect($come->json('tags'))->toBe(['warranty', 'seen']);
    expect($come->json('due'))->not->toBeNull();
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
    expect([$come['status'], $come['waiting'], $come['source'], $come['made_by']])->toBe([
        'waiting',
        ['for' => null, 'until' => null, 'on' => [$quote->id]],
        'api',
        null,
    ]);
    expect($get($come['id']))->toBe($come);
    expect(
        array_intersect_key($get($quote->id), ['source' => 1, 'made_by' => 1, 'waiting' => 1, 'reviewer' => 1]),
    )->toBe(['reviewer' => null, 'waiting' => null, 'source' => 'rule', 'made_by' => $come['id']]);
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
