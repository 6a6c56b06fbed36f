<?php

declare(strict_types=1);

use App\Messages\SendMessages;
use App\Messages\TellRules;
use App\Models\Messages\Behaviour;
use App\Models\Messages\Message;
use App\Models\Messages\StandInChannel;
use App\Models\Messages\StandInPost;
use App\Models\Tasks\Task;
use Illuminate\Support\Facades\Queue;
use OpenBaton\Core\Message\MessageState;
use Tests\Support\Clock;
use Tests\Support\House;

require_once __DIR__ . '/MessagesFunctions.php';

/** Rules that say something as a task is begun, and answer what is given up. */
function answering(array $then, string $channel = 'mail'): void
{
    House::publish(
        House::roundRule(),
        [
            'id' => 'says',
            'name' => 'Says that it is begun',
            'when' => [['kind' => 'status_becomes', 'statuses' => ['working']]],
            'then' => [SAYS_AT_ONCE],
        ],
        [
            'id' => 'answers',
            'name' => 'What did not arrive is said otherwise',
            'when' => [['kind' => 'message_given_up', 'channel' => $channel]],
            'then' => [$then],
        ],
    );
}

const SAYS_AT_ONCE = [
    'kind' => 'message',
    'addressee' => 'customer',
    'channel' => 'mail',
    'text' => 'We have begun.',
    'held' => false,
];

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    Queue::fake();
    House::open();
    $this->work = function (): void {
        app()->call([new SendMessages(), 'handle']);
        handedOut();
    };
    $this->tags = static fn(Message $one): array => Task::query()->findOrFail($one->task_id)->tagList();
});

it('is told to rules, once, whichever way it was given up', function (string $contact, Behaviour $how): void {
    StandInChannel::query()->create(['channel' => 'mail', 'behaviour' => $how]);
    answering(['kind' => 'tag', 'tag' => 'call them']);
    $message = begunMessage($contact);
    ($this->work)();
    expect($message->refresh()->state)->toBe(MessageState::GivenUp);
    expect(($this->tags)($message))->toBe(['call them']);
    $revision = Task::query()->findOrFail($message->task_id)->revision;
    ($this->work)();
    app(TellRules::class)();
    expect(Task::query()->findOrFail($message->task_id)->revision)->toBe($revision);
    $this->get("/tasks/{$message->task_id}")
        ->assertOk()
        ->assertSee('message_given_up');
})->with([
    'no address' => ['at the gate', Behaviour::Takes],
    'refused for good' => ['office@holms.example', Behaviour::Refuses],
]);

it('is told only to rules that wait for that channel', function (): void {
    answering(['kind' => 'tag', 'tag' => 'call them'], 'text');
    $message = begunMessage('at the gate');
    ($this->work)();
    expect($message->refresh()->to_tell_rules)->toBeFalse();
    expect(($this->tags)($message))->toBe([]);
});

it('comes to an end where what a rule does about it is given up as well', function (): void {
    answering(SAYS_AT_ONCE);
    begunMessage('at the gate');
    for ($round = 0; $round < 20; ++$round) {
        ($this->work)();
    }
    // The first, and one more for each of the five times that rules are told of it on a day.
    expect(Message::query()->count())->toBe(6);
    expect(Message::query()->where('to_tell_rules', true)->exists())->toBeFalse();
});

it('takes a day in which the channel fails, and goes in order once it is back', function (): void {
    answering(['kind' => 'tag', 'tag' => 'call them'], 'text');
    StandInChannel::query()->create(['channel' => 'mail', 'behaviour' => Behaviour::Fails]);
    $messages = [begunMessage(), begunMessage(), begunMessage()];
    for ($minute = 0; $minute <= 24 * 60; $minute += 10) {
        Clock::set(gmdate('Y-m-d\TH:i:s\Z', strtotime('2026-03-02T10:00:00Z') + 60 * $minute));
        ($this->work)();
    }
    expect(Message::query()->where('failures', 7)->where('state', MessageState::GivenUp)->count())->toBe(1);
    StandInChannel::query()->update(['behaviour' => Behaviour::Takes]);
    $ids = array_column($messages, 'id');
    $this->actingAs(House::user('hanneke'))->postJson('/messages/release', ['ids' => [$ids[0]]]);
    for ($minute = 0; $minute <= 13 * 60; $minute += 60) {
        Clock::set(gmdate('Y-m-d\TH:i:s\Z', strtotime('2026-03-03T11:00:00Z') + 60 * $minute));
        ($this->work)();
    }
    expect(Message::query()->pluck('state')->unique()->all())->toBe([MessageState::Sent]);
    expect(StandInPost::query()->orderBy('id')->pluck('message')->all())->toEqualCanonicalizing(
        array_map(static fn(Message $one): string => $one->sign(), $messages),
    );
});

it('fails every third time where it is told to', function (): void {
    answering(['kind' => 'tag', 'tag' => 'call them'], 'text');
    StandInChannel::query()->create(['channel' => 'mail', 'behaviour' => Behaviour::NowAndThen]);
    $messages = array_map(static fn(): Message => begunMessage(), range(1, 5));
    ($this->work)();
    expect(array_map(static fn(Message $one): string => $one->refresh()->state->value, $messages))->toBe([
        'sent',
        'sent',
        'failed',
        'to_be_sent',
        'to_be_sent',
    ]);
});

it('is told by one of two workers alone', function (): void {
    answering(['kind' => 'create_task', 'task_kind' => 'quote', 'title' => 'Call them']);
    begunMessage('at the gate');
    $waiting = Message::query()->where('to_tell_rules', true)->sole();
    app(TellRules::class)();
    // The other had read it before the first was done.
    (fn() => $this->tell($waiting))->call(app(TellRules::class));
    expect(Task::query()->where('title', 'Call them')->count())->toBe(1);
});
