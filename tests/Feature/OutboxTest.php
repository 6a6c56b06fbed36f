<?php

declare(strict_types=1);

use App\Models\Messages\Message;
use App\Models\Tasks\Task;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use OpenBaton\Core\Message\MessageState;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\Clock;
use Tests\Support\House;

require_once __DIR__ . '/MessagesFunctions.php';

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    Queue::fake();
    House::open();
    preparing();
    foreach (['ayumi', 'femi'] as $who) {
        $task = House::arrive(customer: 'holms-school');
        $task->update(['contact' => "{$who}@holms.example", 'assignee_id' => House::person($who)->id]);
        $this->actingAs(House::user('hanneke'))->post("/tasks/{$task->id}/start");
    }
    handedOut();
    $this->messages = Message::query()->orderBy('id')->get()->all();
    $this->outbox = fn(string $who, string $query = ''): TestResponse => $this->actingAs(House::user($who))->get(
        "/outbox{$query}",
    );
    $this->props = fn(string $who, string $query = ''): array => ($this->outbox)($who, $query)
        ->assertOk()
        ->viewData('page')['props'];
});

it('shows leads all, and members those of what they hold', function (): void {
    $seen = fn(string $who): array => array_column(($this->props)($who)['rows'], 'id');
    [$first, $second] = $this->messages;
    expect($seen('hanneke'))->toBe([$second->id, $first->id]);
    expect($seen('ayumi'))->toBe([$first->id]);
    expect($seen('tobias'))->toBe([]);
    ($this->outbox)('ayumi', "?message={$second->id}")->assertNotFound();
    $this->actingAs(House::user('ayumi'));
    $this->putJson("/messages/{$second->id}", ['address' => 'a@b.example', 'text' => 'x'])->assertForbidden();
    // With one that is not theirs nothing is done with any.
    $this->postJson('/messages/drop', ['ids' => [$first->id, $second->id]])->assertForbidden();
    expect(Message::query()->where('state', MessageState::Held)->count())->toBe(2);
    $this->postJson('/messages/drop', ['ids' => [$first->id]])->assertJsonPath('done', 1);
});

it('is narrowed by state, channel and words, with how many there are', function (): void {
    $this->messages[0]->update(['state' => MessageState::Sent]);
    $found = fn(string $query): array => array_column(($this->props)('hanneke', $query)['rows'], 'id');
    expect($found('?state=held'))->toBe([$this->messages[1]->id]);
    expect($found('?channel=chat'))->toBe([]);
    expect($found('?q=femi'))->toBe([$this->messages[1]->id]);
    expect($found('?q=%25'))->toBe([]);
    expect((array) ($this->props)('hanneke')['counts'])->toEqual(['held' => 1, 'sent' => 1]);
    $this->get('/outbox?state=nowhere')->assertSessionHasErrors('state');
});

it('says where the reason of one that waits has gone', function (Closure $change, ?string $gone): void {
    $change();
    expect(($this->props)('hanneke', "?message={$this->messages[0]->id}")['message']['reasonGone'])->toBe($gone);
})->with([
    'nothing has' => [fn() => null, null],
    'its rule has' => [fn() => House::publish(House::roundRule()), 'no_rule'],
]);

it('says so where its criteria no longer hold, or its task is closed', function (): void {
    House::publish(House::roundRule(), [
        'id' => 'says',
        'name' => 'Says that it is begun',
        'when' => [['kind' => 'status_becomes', 'statuses' => ['working']]],
        'if' => ['field' => 'task.status', 'op' => 'is', 'value' => 'working'],
        'then' => [['kind' => 'message', 'addressee' => 'customer', 'channel' => 'mail', 'text' => 'We have begun.']],
    ]);
    $gone = fn(): ?string => ($this->props)('hanneke', "?message={$this->messages[0]->id}")['message']['reasonGone'];
    expect($gone())->toBeNull();
    $task = Task::query()->findOrFail($this->messages[0]->task_id);
    $task->update(['status' => TaskStatus::Waiting]);
    expect($gone())->toBe('criteria');
    $task->update(['status' => TaskStatus::Dropped]);
    expect($gone())->toBe('closed');
});

it('puts messages off, holds them and drops them, several at once', function (): void {
    $ids = array_column($this->messages, 'id');
    $this->actingAs(House::user('hanneke'));
    $this->postJson('/messages/postpone', ['ids' => $ids, 'at' => '2026-03-05T09:00:00Z'])->assertJsonPath('done', 2);
    expect(Message::query()->pluck('state')->unique()->all())->toBe([MessageState::ToBeSent]);
    $this->postJson('/messages/hold', ['ids' => $ids])->assertJsonPath('done', 2);
    $this->postJson('/messages/drop', ['ids' => $ids])->assertJsonPath('done', 2);
    $this->postJson('/messages/hold', ['ids' => $ids])->assertJsonPath(
        'refused.0.said',
        'This message is dropped by now.',
    );
    $this->postJson('/messages/postpone', ['ids' => $ids, 'at' => 'yesterday'])->assertStatus(422);
    expect(becameOf($this->messages[0]))->toBe(['prepared', 'postponed', 'held', 'dropped']);
});

it('lets leads alone see the stand-ins and tell them what to do', function (): void {
    $this->actingAs(House::user('ayumi'))->get('/stand-ins/messages/mail')->assertForbidden();
    $this->actingAs(House::user('hanneke'));
    $this->put('/stand-ins/messages/mail', ['behaviour' => 'slow'])->assertSessionHasNoErrors();
    $this->put('/stand-ins/messages/mail', ['behaviour' => 'sings'])->assertSessionHasErrors('behaviour');
    expect($this->get('/stand-ins/messages/mail')->viewData('page')['props']['behaviour'])->toBe('slow');
    $this->get('/stand-ins/messages/drums')->assertNotFound();
});
