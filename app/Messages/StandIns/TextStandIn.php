<?php

declare(strict_types=1);

namespace App\Messages\StandIns;

use App\Messages\ChannelFailed;
use App\Messages\OutgoingMessage;
use OpenBaton\Core\Message\Channel;

/** Short texts to telephones, as a channel of notifications. */
final class TextStandIn
{
    public function send(object $notifiable, OutgoingMessage $notification): void
    {
        $message = $notification->message;
        if (mb_strlen($message->text) > Channel::Text->most()) {
            throw new ChannelFailed('The text is too long.', true);
        }
        StandIn::take(Channel::Text, $message->sign(), (string) $message->address, null, $message->text);
    }
}
