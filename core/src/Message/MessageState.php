<?php

declare(strict_types=1);

namespace OpenBaton\Core\Message;

/** How far a message is. */
enum MessageState: string
{
    /** Somebody looks at it before it goes. */
    case Held = 'held';
    case ToBeSent = 'to_be_sent';
    case Sent = 'sent';
    /** A try has failed; there will be another. */
    case Failed = 'failed';
    /** No more tries; somebody may have it sent anew. */
    case GivenUp = 'given_up';
    case Dropped = 'dropped';

    /** Whether it goes out by itself when its time has come. */
    public function isOnItsWay(): bool
    {
        return $this === self::ToBeSent || $this === self::Failed;
    }

    /** Whether people may still change what it says and when it goes. */
    public function isOpen(): bool
    {
        return $this !== self::Sent && $this !== self::Dropped;
    }

    /** Whether a person may take it from here to there. */
    public function leadsTo(self $to): bool
    {
        return match ($to) {
            // Sent by a press, or sent anew.
            self::ToBeSent => $this === self::Held || $this === self::GivenUp || $this === self::Dropped,
            self::Held => $this->isOnItsWay(),
            self::Dropped => $this->isOpen(),
            default => false,
        };
    }
}
