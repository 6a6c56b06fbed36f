<?php

declare(strict_types=1);

/*
 * Messages through the queue, each to somebody else, against a bare loop that
 * gives as many to the same stand-in: how many a second. Prints JSON.
 */

use App\Messages\OutgoingMessage;
use App\Messages\SendNext;
use App\Models\Messages\Message;
use App\Models\Messages\StandInChannel;
use App\Models\Messages\StandInPost;
use Illuminate\Foundation\Application;
use Illuminate\Support\Facades\Notification;
use OpenBaton\Core\Message\Channel;
use OpenBaton\Core\Message\MessageState;
use OpenBaton\Core\Message\RecipientKind;

/** @var Application $app */
$app = require __DIR__ . '/boot.php';

const MESSAGES = 10_000;
const BARE = 2_000;

StandInChannel::query()->delete();
Message::query()->delete();
StandInPost::query()->delete();
foreach (array_chunk(range(1, MESSAGES), 500) as $numbers) {
    Message::query()->insert(
        array_map(
            static fn(int $number): array => [
                'key' => hash('sha256', "bench {$number}"),
                'recipient_kind' => RecipientKind::Customer->value,
                'recipient' => "customer:{$number}",
                'recipient_name' => 'Carrow Silver Band',
                'address' => "band-{$number}@selwyn.example",
                'channel' => Channel::Mail->value,
                'subject' => 'Your horn',
                'text' => 'It is ready.',
                'state' => MessageState::ToBeSent->value,
                'at' => now()->toDateTimeString(),
            ],
            $numbers,
        ),
    );
}
$send = app(SendNext::class);
$tenth = null;
$begun = hrtime(true);
for ($sent = 0; $send(); ++$sent) {
    if ($sent === MESSAGES / 10) {
        $tenth = (hrtime(true) - $begun) / 1e9;
    }
}
$seconds = (hrtime(true) - $begun) / 1e9;
$message = Message::query()->firstOrFail();
$begun = hrtime(true);
for ($number = 0; $number < BARE; ++$number) {
    $message->id = MESSAGES * 100 + $number;
    Notification::route('mail', $message->address)->notifyNow(new OutgoingMessage($message));
}
$bare = (hrtime(true) - $begun) / 1e9;
echo json_encode(
    [
        'sent' => $sent,
        'a_second' => $sent / $seconds,
        'a_second_at_first' => MESSAGES / 10 / ($tenth ?? $seconds),
        'bare' => BARE / $bare,
        'posts' => StandInPost::query()->count(),
    ],
    JSON_THROW_ON_ERROR,
);
