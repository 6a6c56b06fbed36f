<?php

declare(strict_types=1);

namespace App\Messages\StandIns;

use App\Messages\OutgoingMessage;
use OpenBaton\Core\Message\Channel;

/** The chat of the house, as a channel of notifications. */
final class ChatStandIn
{
    public function send(object $notifiable, OutgoingMessage $notification): void
    {
        $message = $notification->message;
        StandIn::take(Channel::Chat, $message->sign(), (string) $message->address, null, $message->text);
    }
}
