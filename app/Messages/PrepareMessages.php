<?php

declare(strict_types=1);

namespace App\Messages;

use App\Database\Stamp;
use App\DomainEvents\EventConsumer;
use App\DomainEvents\HandedEvent;
use App\DomainEvents\MessagePrepared;
use App\Models\House\House;
use App\Models\Messages\Message;
use App\Models\Messages\MessageStep;
use App\Models\Messages\MessageStepKind;
use OpenBaton\Core\Message\MessageState;
use OpenBaton\Core\Message\Recipient;
use OpenBaton\Core\Message\RecipientKind;

/** Makes messages of what rules have prepared, one for each recipient, and has those sent that are not held. */
final readonly class PrepareMessages implements EventConsumer
{
    public function __construct(private Addresses $addresses) {}

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
            if ($handed->event instanceof MessagePrepared) {
                foreach ($handed->event->recipients as $recipient) {
                    $this->prepare($handed, $handed->event, $recipient);
                }
            }
        }
        SendMessages::dispatch();
    }

    private function prepare(HandedEvent $of, MessagePrepared $event, Recipient $recipient): void
    {
        $address = $this->addresses->of($recipient, $event->channel, $of->taskId);
        if ($address === null) {
            return;
        }
        $key = hash('sha256', "event {$of->id} {$recipient->key()} {$event->channel->value}");
        $state = match (true) {
            $address->address === null => MessageState::GivenUp,
            $event->held || ($recipient->kind === RecipientKind::Customer && self::holdsAll()) => MessageState::Held,
            default => MessageState::ToBeSent,
        };
        $message = Message::query()->firstOrCreate(
            ['key' => $key],
            [
                'task_id' => $of->taskId,
                'recipient_kind' => $recipient->kind,
                'recipient' => $recipient->key(),
                'recipient_name' => $address->name,
                'address' => $address->address,
                'channel' => $event->channel,
                'subject' => $event->subject === '' ? null : $event->subject,
                'text' => $event->text,
                'files' => $event->files ? MessageFiles::of((string) $of->taskId) : null,
                'due_at' => $event->due === null ? null : Stamp::of($event->due),
                'state' => $state,
                'to_tell_rules' => $state === MessageState::GivenUp,
                'not_before' => $event->notBefore === null ? null : Stamp::of($event->notBefore),
                'problem' => $address->address === null ? Problem::NO_ADDRESS : null,
                'rule' => $event->ruleId,
                'rulebook_version_id' => $event->versionId,
                'at' => $of->at,
            ],
        );
        if ($message->wasRecentlyCreated) {
            MessageStep::query()->create([
                'message_id' => $message->id,
                'at' => $of->at,
                'step' => $state === MessageState::GivenUp ? MessageStepKind::GivenUp : MessageStepKind::Prepared,
                'note' => $message->problem,
            ]);
        }
    }

    /** Whether the house looks at all that goes to customers before it goes. */
    private static function holdsAll(): bool
    {
        return House::query()->value('holds_for_customers') === true;
    }
}
