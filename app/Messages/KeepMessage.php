<?php

declare(strict_types=1);

namespace App\Messages;

use App\Models\Access\User;
use App\Models\Messages\Message;
use App\Models\Messages\MessageStepKind;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Message\Channel;
use OpenBaton\Core\Message\MessageState;
use OpenBaton\Core\Message\Recipient;

/** Makes a message, once for what made it, whom it is for and by which channel; and puts that down. */
final class KeepMessage
{
    /**
     * @param string               $cause  of what made it: that can happen twice, the message cannot
     * @param bool                 $held   somebody looks at it before it goes
     * @param array<string, mixed> $values other columns, its text among them
     * @param User|null            $by     who has written it; null: it was made by itself
     */
    public function __invoke(
        string $cause,
        Recipient $for,
        Address $to,
        Channel $channel,
        CarbonImmutable $at,
        bool $held,
        array $values,
        ?User $by = null,
    ): Message {
        $state = match (true) {
            // Nothing is known of how to reach them: rules hear of that as of any that is given up.
            $to->address === null => MessageState::GivenUp,
            $held => MessageState::Held,
            default => MessageState::ToBeSent,
        };
        $message = Message::query()->firstOrCreate(
            ['key' => hash('sha256', "{$cause} {$for->key()} {$channel->value}")],
            $values + [
                'recipient_kind' => $for->kind,
                'recipient' => $for->key(),
                'recipient_name' => $to->name,
                'address' => $to->address,
                'channel' => $channel,
                'at' => $at,
                'state' => $state,
                'to_tell_rules' => $state === MessageState::GivenUp,
                'problem' => $to->address === null ? Problem::NO_ADDRESS : null,
            ],
        );
        if ($message->wasRecentlyCreated) {
            $message->putDown(
                $state === MessageState::GivenUp ? MessageStepKind::GivenUp : MessageStepKind::Prepared,
                $at,
                $message->problem,
                $by,
            );
        }

        return $message;
    }
}
