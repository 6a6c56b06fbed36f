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
     * @param array<string, mixed> $values other columns, its text and its state among them
     * @param User|null            $by     who has written it; null: it was made by itself
     */
    public function __invoke(
        string $cause,
        Recipient $for,
        Address $to,
        Channel $channel,
        CarbonImmutable $at,
        array $values,
        ?User $by = null,
    ): Message {
        $message = Message::query()->firstOrCreate(
            ['key' => hash('sha256', "{$cause} {$for->key()} {$channel->value}")],
            $values + [
                'recipient_kind' => $for->kind,
                'recipient' => $for->key(),
                'recipient_name' => $to->name,
                'address' => $to->address,
                'channel' => $channel,
                'at' => $at,
            ],
        );
        if ($message->wasRecentlyCreated) {
            $message->putDown(
                $message->state === MessageState::GivenUp ? MessageStepKind::GivenUp : MessageStepKind::Prepared,
                $at,
                $message->problem,
                $by,
            );
        }

        return $message;
    }
}
