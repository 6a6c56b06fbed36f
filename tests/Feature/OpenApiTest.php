<?php

declare(strict_types=1);

use App\Access\Actor;
use App\Cases\MoveCase;
use App\Http\Revision;
use App\Models\Access\TokenAbility;
use App\Models\Customers\Customer;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskFile;
use App\Tasks\StoredFile;
use Database\Factories\Absences\AbsenceFactory;
use Illuminate\Http\UploadedFile;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use OpenBaton\Core\Flow\OpenWork;
use OpenBaton\Core\Subject\TaskAction;
use OpenBaton\Core\Subject\Transitions;
use Tests\Support\Cases;
use Tests\Support\Clock;
use Tests\Support\Fuzz;
use Tests\Support\House;
use Tests\Support\Messages;
use Tests\Support\OpenApi;
use Tests\Support\RightTaskRequests;
use Tests\Support\Runsheets;

/** @return array<string, array<string, mixed>> what is sent, by operation; those that are not named send nothing */
function apiBodies(): array
{
    $title = ['title' => 'Horn', 'kind' => 'quote', 'customer' => 'holms-school'];

    return [
        'POST /tasks' => $title,
        'POST /tasks/preview' => $title,
        'PATCH /tasks/{task}' => ['set' => ['task.priority' => 'high']],
        'POST /tasks/{task}/comments' => ['from' => 'owner', 'body' => 'I look at it.'],
        'POST /tasks/{task}/tick' => ['item' => 'Photograph it', 'done' => true],
        'POST /tasks/{task}/wait' => ['reason' => 'A part', 'until' => '2026-03-05T10:00:00Z'],
        'POST /tasks/{task}/postpone' => ['at' => '2026-03-05T10:00:00Z', 'note' => 'Then'],
        'POST /tasks/{task}/to-hand-on' => ['note' => 'Not mine'],
        'POST /tasks/{task}/hand-on' => ['to' => 'femi', 'reason' => 'Room'],
        'POST /tasks/{task}/hand-review' => ['to' => 'femi', 'reason' => 'Room'],
        'POST /tasks/{task}/send-back' => ['reason' => 'The second valve'],
        'POST /tasks/{task}/complete' => ['note' => 'Oiled', 'spent' => 20],
        'POST /tasks/{task}/drop' => ['reason' => 'Not any more'],
        'PUT /messages/{message}' => ['address' => 'ada@holms.example', 'text' => 'It is ready.'],
        'POST /absences' => ['kind' => 'leave', 'first' => '2026-03-09', 'last' => '2026-03-10'],
        'POST /customers' => ['name' => 'Weka Hall'],
        'POST /cases' => ['track' => 'hire', 'title' => 'Six cellos'],
        'PATCH /cases/{case}' => ['set' => ['title' => 'Seven cellos', 'tags' => ['rush']]],
        'POST /cases/{case}/move' => ['to' => 'fitting'],
        'POST /cases/{case}/close' => ['outcome' => 'declined', 'open' => 'drop'],
        'POST /cases/{case}/reopen' => ['to' => 'fitting', 'reason' => 'They rang again.'],
        'POST /cases/{case}/give' => ['to' => 'femi'],
        'POST /tasks/{task}/runs' => ['runsheet' => 'large-repair'],
        'POST /cases/{case}/runs' => ['runsheet' => 'calls'],
        'POST /cases/{case}/comments' => ['body' => 'They called.'],
        'PUT /customers/{code}' => ['name' => 'The Holms'],
        'POST /places' => ['name' => 'Farther'],
        'PUT /places/{place}' => ['name' => 'The Outer Holms'],
    ];
}

/** @param array<string, string> $headers */
function callsApi(mixed $test, string $operation, array $headers = [], ?array $body = null): TestResponse
{
    app()->forgetScopedInstances();
    app('auth')->forgetGuards();
    [$method, $path] = explode(' ', $operation);
    $task = $test->right->idFor(basename($path));
    $case = str_ends_with($path, '/reopen') && str_contains($path, '{case}') ? $test->closed : $test->case;
    $url = '/api/v1' . strtr($path, ['{task}' => $task, '{case}' => $case->id] + $test->values);
    $headers += [
        'Authorization' => "Bearer {$test->token}",
        'Idempotency-Key' => 'key-' . Str::random(12),
        'Accept' => 'application/json',
    ];
    if (str_contains($path, '{case}')) {
        $headers += ['If-Match' => Revision::tag($case->refresh())];
    } elseif ($method === 'PATCH') {
        $headers += ['If-Match' => '"' . Task::query()->whereKey($task)->value('revision') . '"'];
    }

    return $operation === 'POST /tasks/{task}/files'
        ? $test->post(
            $url,
            ['from' => 'owner', 'file' => UploadedFile::fake()->createWithContent('valve.txt', 'The second one')],
            $headers,
        )
        : $test->json($method, $url, $body ?? (apiBodies()[$operation] ?? []), $headers);
}

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    Storage::fake(StoredFile::DISK);
    House::open();
    House::publish(House::roundRule());
    $this->right = new RightTaskRequests();
    $task = $this->right->of('new');
    $task->update(['checklist' => [['text' => 'Photograph it', 'done' => false]]]);
    $file = TaskFile::query()->create([
        'task_id' => $task->id,
        'user_id' => House::user('hanneke')->id,
        'name' => 'heron.txt',
        'type' => 'text/plain',
        'size' => 5,
        'path' => 'heron',
        'at' => now(),
    ]);
    Storage::disk(StoredFile::DISK)->put('heron', 'heron');
    $this->values = [
        '{file}' => $file->id,
        '{message}' => (string) Messages::held($task)->id,
        '{absence}' => AbsenceFactory::new()->of('hanneke')->asked()->create()->id,
        '{code}' => Customer::query()->firstOrFail()->slug,
        '{place}' => 'the-holms',
    ];
    $this->case = Cases::open(['owner' => 'femi']);
    $this->closed = Cases::open(['owner' => 'femi']);
    app(MoveCase::class)->close(
        $this->closed,
        $this->closed->revision,
        'declined',
        OpenWork::Drop,
        null,
        true,
        Actor::user(House::user('hanneke')),
    );
    Runsheets::publish(Runsheets::largeRepair());
    Runsheets::ofCases();
    $this->token = House::user('hanneke')->createToken(
        'all',
        array_column(TokenAbility::cases(), 'value'),
    )->plainTextToken;
});

it('describes each route of the API, and no other', function (): void {
    $routes = [];
    /** @var Route $route */
    foreach (app('router')->getRoutes()->getRoutes() as $route) {
        if (str_starts_with($route->uri(), 'api/v1/')) {
            $routes[] = "{$route->methods()[0]} " . Str::after($route->uri(), 'api/v1');
        }
    }
    sort($routes);
    $known = array_keys(OpenApi::operations());
    sort($known);
    expect($known)->toBe($routes);
    $ids = array_column(OpenApi::operations(), 'operationId');
    expect(count(array_unique($ids)))->toBe(count($known));
});

it('is answered as it is described, each that may be done', function (): void {
    $wrong = [];
    foreach (array_keys(OpenApi::operations()) as $operation) {
        DB::beginTransaction();
        $answer = callsApi($this, $operation);
        DB::rollBack();
        $said = OpenApi::wrongWith($operation, $answer);
        if ($answer->getStatusCode() >= 300 || $said !== '') {
            $wrong[$operation] = "{$answer->getStatusCode()} {$said} {$answer->baseResponse->getContent()}";
        }
    }
    expect($wrong)->toBe([]);
});

it('is refused as it is described: without a token, without a right, without its key', function (): void {
    $none = House::user('hanneke')->createToken('none', ['none'])->plainTextToken;
    $wrong = [];
    foreach (array_keys(OpenApi::operations()) as $operation) {
        $answers = [
            401 => callsApi($this, $operation, ['Authorization' => 'Bearer none']),
            403 => callsApi($this, $operation, ['Authorization' => "Bearer {$none}"]),
        ];
        if (
            str_contains((string) json_encode(OpenApi::operations()[$operation]['parameters'] ?? []), 'parameters\/key')
        ) {
            $answers[400] = callsApi($this, $operation, ['Idempotency-Key' => 'short']);
        }
        foreach ($answers as $status => $answer) {
            if ($answer->getStatusCode() !== $status || OpenApi::wrongWith($operation, $answer) !== '') {
                $wrong[] =
                    "{$operation} {$status}: {$answer->getStatusCode()} " . OpenApi::wrongWith($operation, $answer);
            }
        }
    }
    expect($wrong)->toBe([]);
});

it('asks in each action for what the table of transitions asks for', function (): void {
    foreach (TaskAction::cases() as $action) {
        $operation = OpenApi::operations()['POST /tasks/{task}/' . str_replace('_', '-', $action->value)];
        $asks = array_column(Transitions::of($action)->asks, 'value');
        $known = array_keys(
            data_get($operation, ['requestBody', 'content', 'application/json', 'schema', 'properties'], []),
        );
        sort($asks);
        sort($known);
        expect([$action->value, $known])->toBe([$action->value, $asks]);
    }
});

it('is known to whoever sends it hostile values', function (): void {
    $members = [];
    foreach (Fuzz::routes() as $route) {
        if (Fuzz::documented($route) !== []) {
            $members[$route->uri()] = array_keys(Fuzz::documented($route));
        }
    }
    expect(count($members))->toBeGreaterThan(20);
    expect($members['api/v1/customers'])->toContain('name', 'contacts', 'set');
    expect($members['api/v1/tasks'])->toContain(
        'title',
        'kind',
        'description',
        'contact',
        'due',
        'tags',
        'fields',
        'estimate',
    );
});
