<?php

declare(strict_types=1);

namespace App\Refusals;

use App\Models\Messages\Message;

/** A message is in no state for what was asked, perhaps since somebody else was first. */
final class MessageMovedOn extends Refused
{
    public static function since(Message $message): self
    {
        return new self('moved_on.message', ['state' => $message->state->value]);
    }

    public static function withoutAddress(): self
    {
        return new self('moved_on.message_no_address');
    }
}
