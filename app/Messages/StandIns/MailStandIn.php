<?php

declare(strict_types=1);

namespace App\Messages\StandIns;

use OpenBaton\Core\Message\Channel;
use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;

/** A transport of mail that keeps what it is given. */
final class MailStandIn extends AbstractTransport
{
    public function __toString(): string
    {
        return 'stand-in';
    }

    protected function doSend(SentMessage $message): void
    {
        $mail = $message->getOriginalMessage();
        StandIn::take(
            Channel::Mail,
            trim($message->getMessageId(), '<>'),
            implode(
                ', ',
                array_map(
                    static fn(Address $one): string => $one->getAddress(),
                    $message->getEnvelope()->getRecipients(),
                ),
            ),
            $mail instanceof Email ? $mail->getSubject() : null,
            $mail instanceof Email && is_string($mail->getTextBody()) ? $mail->getTextBody() : '',
            $message->toString(),
        );
    }
}
