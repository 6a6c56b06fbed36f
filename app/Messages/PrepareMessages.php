<?php

declare(strict_types=1);

namespace App\Messages;

use App\Database\Stamp;
use App\DomainEvents\EventConsumer;
use App\DomainEvents\HandedEvent;
use App\DomainEvents\MessagePrepared;
use OpenBaton\Core\Message\Recipient;
use OpenBaton\Core\Message\RecipientKind;

/** Makes messages of what rules have prepared, one for each recipient, and has those sent that are not held. */
final readonly class PrepareMessages implements EventConsumer
{
    public function __construct(private Addresses $addresses, private KeepMessage $keep) {}

    public static function name(): string
    {
        return 'messages';
    }

    public static function kinds(): array
    {
        return [MessagePrepared::class];
    }

    public function consume(array $events): void
    {
        foreach ($events as $handed) {
            $about = WhatAbout::event($handed->about);
            if ($handed->event instanceof MessagePrepared && $about !== null) {
                foreach ($handed->event->draft->recipients as $recipient) {
                    $this->prepare($handed, $about, $handed->event, $recipient);
                }
            }
        }
        SendMessages::dispatch();
    }

    private function prepare(HandedEvent $of, WhatAbout $about, MessagePrepared $event, Recipient $recipient): void
    {
        $draft = $event->draft;
        $address = $this->addresses->of($recipient, $draft->channel, $about->contact);
        if ($address === null) {
            return;
        }
        $held = $draft->held || ($recipient->kind === RecipientKind::Customer && HoldForCustomers::all());
        ($this->keep)("event {$of->id}", $recipient, $address, $draft->channel, $of->at, $held, [
            ...$about->columns(),
            'subject' => $draft->subject === '' ? null : $draft->subject,
            'text' => $draft->text,
            'files' => $draft->files ? MessageFiles::of($about) : null,
            'due_at' => $draft->due === null ? null : Stamp::of($draft->due),
            'not_before' => $draft->notBefore === null ? null : Stamp::of($draft->notBefore),
            'rule' => $draft->ruleId,
            'rulebook_version_id' => $event->versionId,
        ]);
    }
}
