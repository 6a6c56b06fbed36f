<?php

declare(strict_types=1);

use App\Access\Speaker;
use App\Models\Access\SentKey;
use App\Models\Customers\CustomerLink;
use App\Models\House\House as HouseRow;
use App\Models\Tasks\Comment;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskFile;
use App\Tasks\CommentOn;
use App\Tasks\CompleteTask;
use App\Tasks\StartTask;
use App\Tasks\StoredFile;
use App\Tasks\WaitTask;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\Clock;
use Tests\Support\House;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    Storage::fake(StoredFile::DISK);
    House::open();
    House::publish(House::roundRule(), [
        'id' => 'answers',
        'name' => 'Answers',
        'when' => [['kind' => 'comment_added', 'by' => 'customer'], ['kind' => 'file_added', 'by' => 'customer']],
        'if' => ['field' => 'task.status', 'op' => 'is', 'value' => 'waiting'],
        'then' => [['kind' => 'status', 'status' => 'working']],
    ]);
});

/** Asks by the web form, and gives the path of the address that was shown. */
function ownAddress(mixed $test): string
{
    $test
        ->post('/stand-ins/web-form', ['kind' => 'bench-repair', 'title' => 'Tuba with a dent'])
        ->assertSessionHasNoErrors();
    $address = (string) parse_url((string) session('address'), PHP_URL_PATH);
    $test->get('/stand-ins/web-form')->assertSee($address);

    return $address;
}

it('shows whoever asked where it is, in the words of the house, and nothing of names and reasons', function (): void {
    $address = ownAddress($this);
    $task = Task::query()->sole();
    expect(CustomerLink::query()->sole()->secret)->not->toContain(basename($address));
    $this->get($address)
        ->assertOk()
        ->assertSee('Tuba with a dent')
        ->assertSee('We have your request; nobody has begun with it yet.');
    $this->actingAs(House::user('hanneke'))
        ->put('/house/customer-words', ['words' => ['waiting' => 'We need a word from you.', 'done' => ' ']])
        ->assertSessionHasNoErrors();
    app(StartTask::class)($task, House::user('ayumi'));
    app(CommentOn::class)($task->refresh(), 'The customer is slow to answer', [], Speaker::user(House::user('ayumi')));
    app(WaitTask::class)($task->refresh(), 'That tiresome bandmaster', null, House::user('ayumi'));
    auth()->logout();
    $this->get($address)
        ->assertSee('We need a word from you.')
        ->assertDontSee('Ayumi')
        ->assertDontSee('slow to answer')
        ->assertDontSee('tiresome')
        ->assertDontSee('Rule round');
    expect(HouseRow::query()->sole()->customer_words)->toBe(['waiting' => 'We need a word from you.']);
});

it('takes what the customer writes and sends, and rules answer it', function (): void {
    $address = ownAddress($this);
    $task = Task::query()->sole();
    $this->post($address, [])->assertSessionHasErrors(['body' => 'Write something, or choose a file.']);
    $this->post($address, ['file' => UploadedFile::fake()->create('run.exe', 3)])->assertSessionHasErrors('file');
    foreach (
        [
            ['body' => 'It is the second valve.'],
            ['file' => UploadedFile::fake()->createWithContent('valve.txt', 'The second one.')],
        ]
        as $sent
    ) {
        app(StartTask::class)($task->refresh(), House::user('ayumi'));
        app(WaitTask::class)($task->refresh(), 'The customer', null, House::user('ayumi'));
        $this->post($address, $sent)->assertRedirect($address)->assertSessionHasNoErrors();
        expect($task->refresh()->status)->toBe(TaskStatus::Working);
        app(WaitTask::class)($task->refresh(), 'The customer', null, House::user('ayumi'));
    }
    $this->get($address)->assertSee('It is the second valve.')->assertSee('valve.txt');
    expect(
        Comment::query()
            ->sole()
            ->only(['from_customer', 'user_id', 'body']),
    )->toBe(['from_customer' => true, 'user_id' => null, 'body' => 'It is the second valve.']);
    expect(TaskFile::query()->sole()->from_customer)->toBeTrue();
    $said = array_column(
        $this->actingAs(House::user('ayumi'))
            ->get("/tasks/{$task->id}")
            ->viewData('page')['props']['task']['history'],
        'said',
    );
    expect($said)->toContain('The customer wrote');
});

it('ends some weeks after the task, and is nobody else\'s', function (): void {
    $address = ownAddress($this);
    $task = Task::query()->sole();
    $this->get('/requests/' . str_repeat('a', 48))
        ->assertNotFound()
        ->assertSee('Nothing is here any more');
    $this->post('/requests/' . str_repeat('a', 48), ['body' => 'Hello'])->assertNotFound();
    app(StartTask::class)($task, House::user('ayumi'));
    app(CompleteTask::class)($task->refresh(), House::user('ayumi'), null, 30);
    Clock::set('2026-03-29T10:00:00Z');
    $this->get($address)->assertOk()->assertSee('It is done.');
    Clock::set('2026-03-31T10:00:00Z');
    $this->get($address)->assertNotFound()->assertDontSee('Tuba');
    $this->post($address, ['body' => 'Hello?'])->assertNotFound();
    expect(Comment::query()->count())->toBe(0);
});

it('brings what other systems have of a customer, once for each key', function (): void {
    $task = House::arrive();
    app(StartTask::class)($task, House::user('ayumi'));
    app(WaitTask::class)($task->refresh(), 'The customer', null, House::user('ayumi'));
    $token = House::user('hanneke')->createToken('t', ['tasks:speak'])->plainTextToken;
    app('auth')->forgetGuards();
    $say = fn(array $body, string $key = 'message-1') => $this->withToken($token)
        ->withHeader('Idempotency-Key', $key)
        ->postJson("/api/v1/tasks/{$task->id}/comments", $body);
    $say(['from' => 'customer', 'body' => 'Here is the number.'])->assertCreated();
    $say(['from' => 'customer', 'body' => 'Here is the number.'])
        ->assertOk()
        ->assertHeader('Idempotent-Replayed', 'true');
    $say(['from' => 'customer', 'body' => 'Another'])
        ->assertStatus(422)
        ->assertJsonPath('type', 'https://openbaton.example/problems/key-used-otherwise');
    $say(['from' => 'somebody', 'body' => 'X'], 'message-2')
        ->assertStatus(422)
        ->assertJsonPath('errors.0.pointer', '/from');
    $say(['from' => 'owner', 'body' => 'Noted.'], 'message-3')->assertCreated();
    $this->withToken($token)
        ->withHeader('Idempotency-Key', 'short')
        ->postJson("/api/v1/tasks/{$task->id}/comments", ['from' => 'customer', 'body' => 'X'])
        ->assertStatus(400);
    expect($task->refresh()->status)->toBe(TaskStatus::Working);
    expect(
        Comment::query()
            ->with('user')
            ->orderBy('id')
            ->get()
            ->map(static fn(Comment $one): array => [$one->body, $one->from_customer, $one->user?->email])
            ->all(),
    )->toBe([['Here is the number.', true, null], ['Noted.', false, 'hanneke@alderquill.example']]);
    expect(SentKey::query()->count())->toBe(2);
    $file = fn() => $this->withToken($token)
        ->withHeader('Idempotency-Key', 'a-file-1')
        ->post(
            "/api/v1/tasks/{$task->id}/files",
            ['from' => 'customer', 'file' => UploadedFile::fake()->createWithContent('horn.txt', 'A list.')],
            ['Accept' => 'application/json'],
        );
    $file()->assertCreated();
    expect([TaskFile::query()->sole()->from_customer, $task->refresh()->files_count])->toBe([true, 1]);
    $without = House::user('hanneke')->createToken('t', ['tasks:read'])->plainTextToken;
    app('auth')->forgetGuards();
    $this->withToken($without)
        ->withHeader('Idempotency-Key', 'message-9')
        ->postJson("/api/v1/tasks/{$task->id}/comments", ['from' => 'customer', 'body' => 'X'])
        ->assertForbidden();
});
