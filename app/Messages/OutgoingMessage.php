<?php

declare(strict_types=1);

namespace App\Messages;

use App\Messages\StandIns\ChatStandIn;
use App\Messages\StandIns\TextStandIn;
use App\Models\Messages\Message;
use Illuminate\Notifications\Messages\MailMessage;
use Illuminate\Notifications\Notification;
use OpenBaton\Core\Message\Channel;
use Symfony\Component\Mime\Email;

/** A message on its way, as the notifications of the framework carry it; which transport takes it is a setting. */
final class OutgoingMessage extends Notification
{
    public function __construct(public readonly Message $message) {}

    /** @return list<string> */
    public function via(): array
    {
        return match ($this->message->channel) {
            Channel::Mail => ['mail'],
            Channel::Chat => [ChatStandIn::class],
            Channel::Text => [TextStandIn::class],
        };
    }

    public function toMail(): MailMessage
    {
        $data = ['text' => $this->message->text];

        $mail = (new MailMessage())
            ->mailer(config()->string('baton.message_mailer'))
            ->subject((string) $this->message->subject)
            ->view(['html' => 'message', 'text' => 'message-plain'], $data)
            ->withSymfonyMessage(function (Email $mail): void {
                // By which whoever gets it knows it again.
                $mail->getHeaders()->addIdHeader('Message-ID', $this->message->sign());
            });
        foreach (MessageFiles::with($this->message) as $file) {
            $content = MessageFiles::content($file);
            if ($content !== null) {
                $mail->attachData($content, $file->name, ['mime' => $file->type]);
            }
        }

        return $mail;
    }
}
