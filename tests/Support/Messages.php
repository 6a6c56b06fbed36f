<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\Messages\Message;
use App\Models\Messages\StandInPost;
use App\Models\Tasks\Task;
use Illuminate\Support\Str;
use OpenBaton\Core\Message\Channel;
use OpenBaton\Core\Message\MessageState;
use OpenBaton\Core\Message\RecipientKind;

/** Messages that tests begin with. */
final class Messages
{
    public static function held(Task $task): Message
    {
        return self::prepared($task, "customer:{$task->customer_id}", MessageState::Held);
    }

    /** One of many, each to somebody else. */
    public static function toBeSent(Task $task, int $number): Message
    {
        return self::prepared($task, "customer:{$number}", MessageState::ToBeSent);
    }

    private static function prepared(Task $task, string $recipient, MessageState $state): Message
    {
        return Message::query()->create([
            'key' => hash('sha256', (string) Str::ulid()),
            'task_id' => $task->id,
            'recipient_kind' => RecipientKind::Customer,
            'recipient' => $recipient,
            'recipient_name' => 'The Holms Primary School',
            'address' => 'office@holms.example',
            'channel' => Channel::Mail,
            'subject' => 'Your trumpet',
            'text' => 'It is ready.',
            'state' => $state,
            'at' => now(),
        ]);
    }

    public static function taken(): StandInPost
    {
        return StandInPost::query()->create([
            'channel' => Channel::Mail,
            'message' => 'message-1@openbaton.example',
            'address' => 'office@holms.example',
            'subject' => 'Your trumpet',
            'text' => 'It is ready.',
            'raw' => "Subject: Your trumpet\r\n\r\nIt is ready.",
            'at' => now(),
        ]);
    }
}
