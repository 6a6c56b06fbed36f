<?php

declare(strict_types=1);

use App\Messages\SendNext;
use App\Models\Messages\Message;
use App\Models\Messages\StandInPost;
use App\Models\Tasks\Task;
use Illuminate\Support\Facades\Queue;
use OpenBaton\Core\Message\MessageState;
use Tests\Support\Clock;
use Tests\Support\House;

require_once __DIR__ . '/MessagesFunctions.php';

/** A message of a task that is begun, to be sent two working hours later. */
function putOff(array $if = []): Message
{
    preparing(['held' => false, 'delay' => 'PT2H'], $if);

    return begunMessage();
}

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    Queue::fake();
    House::open();
    $this->later = function (Message $message): array {
        Clock::set('2026-03-02T12:00:00Z');
        expect(app(SendNext::class)())->toBeTrue();

        return [$message->refresh()->state, $message->steps()->orderByDesc('id')->firstOrFail()->note];
    };
});

it('does not go out by itself where what it was for is no longer so', function (Closure $change, string $why): void {
    $message = putOff(['field' => 'task.status', 'op' => 'is', 'value' => 'working']);
    $change(Task::query()->findOrFail($message->task_id));
    expect(($this->later)($message))->toBe([MessageState::Held, $why]);
    expect(app(SendNext::class)())->toBeFalse();
    expect(StandInPost::query()->count())->toBe(0);
    // Whoever looks at it may send it all the same.
    $this->actingAs(House::user('hanneke'))->postJson('/messages/release', ['ids' => [$message->id]]);
    app(SendNext::class)();
    expect($message->refresh()->state)->toBe(MessageState::Sent);
})->with([
    'its criteria do not hold' => [fn(Task $task) => $task->update(['status' => 'waiting']), 'criteria'],
    'its task is closed' => [fn(Task $task) => $task->update(['status' => 'dropped']), 'closed'],
    'its date has moved' => [fn(Task $task) => $task->update(['due_at' => '2026-03-20 17:00:00']), 'date'],
    'its rule is gone' => [fn() => House::publish(House::roundRule()), 'no_rule'],
]);

it('goes where all is as it was', function (): void {
    expect(($this->later)(putOff()))->toBe([MessageState::Sent, null]);
});

it('is held where the house looks at all that goes to customers, and not where it is for the house', function (): void {
    $this->actingAs(House::user('ayumi'))
        ->put('/outbox/holding', ['holds' => true])
        ->assertForbidden();
    $this->actingAs(House::user('hanneke'))
        ->put('/outbox/holding', ['holds' => true])
        ->assertRedirect();
    preparing(['held' => false]);
    expect(begunMessage()->state)->toBe(MessageState::Held);
    preparing([
        'held' => false,
        'addressee' => 'team',
        'team' => 'brass-bench',
        'channel' => 'chat',
        'subject' => null,
    ]);
    expect(begunMessage()->state)->toBe(MessageState::ToBeSent);
    $this->actingAs(House::user('hanneke'))->put('/outbox/holding', ['holds' => false]);
    preparing(['held' => false]);
    expect(begunMessage()->state)->toBe(MessageState::ToBeSent);
});
