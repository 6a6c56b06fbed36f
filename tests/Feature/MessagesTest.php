<?php

declare(strict_types=1);

use App\Messages\SendNext;
use App\Models\Messages\Behaviour;
use App\Models\Messages\Message;
use App\Models\Messages\StandInChannel;
use App\Models\Messages\StandInPost;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use OpenBaton\Core\Message\MessageState;
use Tests\Support\Clock;
use Tests\Support\House;

require_once __DIR__ . '/MessagesFunctions.php';

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    Queue::fake();
    House::open();
    $this->behaves = fn(string $channel, Behaviour $how) => StandInChannel::query()->updateOrCreate(
        ['channel' => $channel],
        ['behaviour' => $how],
    );
    $this->sendAll = function (): int {
        $sent = 0;
        while (app(SendNext::class)()) {
            ++$sent;
        }

        return $sent;
    };
    $this->steer = fn(string $who, string $act, array $data): TestResponse => $this->actingAs(
        House::user($who),
    )->postJson("/messages/{$act}", $data);
});

it('is held for a look, and goes when somebody says so, once', function (): void {
    preparing();
    $message = begunMessage();
    expect($message->state)->toBe(MessageState::Held);
    expect([$message->recipient_name, $message->address, $message->text])->toBe([
        'The Holms Primary School',
        'office@holms.example',
        'We have begun.',
    ]);
    expect(($this->sendAll)())->toBe(0);
    // Handed out again it is not made again.
    DB::table('event_positions')
        ->where('consumer', 'messages')
        ->update(['position' => 0]);
    handedOut();
    expect(Message::query()->count())->toBe(1);
    ($this->steer)('hanneke', 'release', ['ids' => [$message->id]])->assertExactJson(['done' => 1, 'refused' => []]);
    expect(($this->sendAll)())->toBe(1);
    expect(($this->sendAll)())->toBe(0);
    $post = StandInPost::query()->sole();
    expect($post->address)->toBe('office@holms.example');
    expect($post->raw)->toContain('Message-ID: <message-' . $message->id . '@openbaton.example>');
    expect($post->raw)->toContain('To: office@holms.example')->toContain('Subject: Your ');
    expect($message->refresh()->state)->toBe(MessageState::Sent);
    expect(becameOf($message))->toBe(['prepared', 'released', 'sent']);
    ($this->steer)('hanneke', 'drop', ['ids' => [$message->id]])->assertJsonPath('done', 0);
});

it('goes at once where the rule says so, and not before its time', function (): void {
    preparing(['held' => false, 'delay' => 'PT2H']);
    $message = begunMessage();
    expect($message->state)->toBe(MessageState::ToBeSent);
    expect($message->not_before?->toIso8601ZuluString())->toBe('2026-03-02T12:00:00Z');
    expect(($this->sendAll)())->toBe(0);
    Clock::set('2026-03-02T12:00:00Z');
    expect(($this->sendAll)())->toBe(1);
    expect($message->refresh()->state)->toBe(MessageState::Sent);
});

it('is given up at once where there is no address, until somebody gives one', function (): void {
    preparing(['held' => false]);
    $message = begunMessage('Ada, at the gate');
    expect([$message->state, $message->problem])->toBe([MessageState::GivenUp, 'no_address']);
    ($this->steer)('hanneke', 'release', ['ids' => [$message->id]])->assertJsonPath('done', 0);
    $edit = fn(string $address): TestResponse => $this->put("/messages/{$message->id}", [
        'address' => $address,
        'text' => "We have\r\nbegun\u{202E}.",
    ]);
    $edit('the gate')->assertSessionHasErrors('address');
    $edit('ada@holms.example')->assertSessionHasNoErrors();
    $message->refresh();
    expect([$message->text, $message->said])->toBe(["We have\nbegun.", 'We have begun.']);
    ($this->steer)('hanneke', 'release', ['ids' => [$message->id]])->assertJsonPath('done', 1);
    ($this->sendAll)();
    expect(StandInPost::query()->value('address'))->toBe('ada@holms.example');
    expect(becameOf($message))->toBe(['given_up', 'edited', 'released', 'sent']);
});

it('tries again with pauses, then gives up, and begins anew by a press', function (): void {
    preparing(['held' => false]);
    ($this->behaves)('mail', Behaviour::Fails);
    $message = begunMessage();
    $tries = [];
    // Each a minute before it is due, and when it is.
    foreach ([0, 1, 5, 6, 20, 21, 80, 81, 320, 321, 1040, 1041, 1100] as $minute) {
        Clock::set(gmdate('Y-m-d\TH:i:s\Z', strtotime('2026-03-02T10:00:00Z') + 60 * $minute));
        if (($this->sendAll)() > 0) {
            $tries[] = $minute;
        }
    }
    expect($tries)->toBe([0, 1, 6, 21, 81, 321, 1041]);
    expect($message->refresh()->state)->toBe(MessageState::GivenUp);
    ($this->behaves)('mail', Behaviour::Takes);
    ($this->steer)('hanneke', 'release', ['ids' => [$message->id]]);
    expect(($this->sendAll)())->toBe(1);
    expect($message->refresh()->state)->toBe(MessageState::Sent);
});

it('is given up at once where it is refused for good', function (): void {
    preparing(['held' => false]);
    ($this->behaves)('mail', Behaviour::Refuses);
    $message = begunMessage();
    ($this->sendAll)();
    expect($message->refresh()->state)->toBe(MessageState::GivenUp);
    expect($message->problem)->toBe('There is nobody at office@holms.example.');
});

it('comes once, though its answer is lost', function (): void {
    preparing(['held' => false]);
    ($this->behaves)('mail', Behaviour::LosesAnswers);
    $message = begunMessage();
    ($this->sendAll)();
    expect($message->refresh()->state)->toBe(MessageState::Failed);
    ($this->behaves)('mail', Behaviour::Takes);
    Clock::set('2026-03-02T10:01:00Z');
    ($this->sendAll)();
    expect($message->refresh()->state)->toBe(MessageState::Sent);
    expect(StandInPost::query()->count())->toBe(1);
});

it('goes to one recipient by one channel in the order in which they were made', function (): void {
    preparing(['held' => false]);
    ($this->behaves)('mail', Behaviour::Fails);
    [$first, $second] = [begunMessage(), begunMessage()];
    expect(($this->sendAll)())->toBe(1);
    ($this->behaves)('mail', Behaviour::Takes);
    // The second waits for the first, though nothing is wrong with it.
    expect(($this->sendAll)())->toBe(0);
    Clock::set('2026-03-02T10:01:00Z');
    expect(($this->sendAll)())->toBe(2);
    expect(StandInPost::query()->orderBy('id')->pluck('message')->all())->toBe([$first->sign(), $second->sign()]);
});

it('is taken by another worker once a lease has run out, and by none before', function (): void {
    preparing(['held' => false]);
    $message = begunMessage();
    $message->update(['lease' => '01ARZ3NDEKTSV4RRFFQ69G5FAV', 'lease_until' => now()->addMinutes(2)]);
    expect(($this->sendAll)())->toBe(0);
    ($this->steer)('hanneke', 'hold', ['ids' => [$message->id]])->assertJsonPath('done', 0);
    Clock::set('2026-03-02T10:02:00Z');
    expect(($this->sendAll)())->toBe(1);
    expect($message->refresh()->state)->toBe(MessageState::Sent);
});

it('keeps texts and headers harmless, whatever stands in fields', function (): void {
    preparing(['held' => false, 'text' => '~task.title~']);
    $task = House::arrive(customer: 'holms-school', title: "<script>x</script> שלום \u{202E}");
    $task->update(['contact' => 'office@holms.example']);
    $this->actingAs(House::user('hanneke'))->post("/tasks/{$task->id}/start");
    handedOut();
    ($this->sendAll)();
    $post = StandInPost::query()->sole();
    expect($post->subject)->toBe('Your <script>x</script> שלום');
    $raw = quoted_printable_decode((string) $post->raw);
    expect($raw)->toContain('&lt;script&gt;x&lt;/script&gt; שלום')->not->toContain("\u{202E}");
});
