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

    /** Those that go out by themselves when their time has come. */
    public const ON_ITS_WAY = [self::ToBeSent, self::Failed];

    /** Those in which nothing of it changes any more by itself. */
    public const OVER = [self::Sent, self::Dropped];

    /** Whether people may still change what it says and when it goes. */
    public function isOpen(): bool
    {
        return !in_array($this, self::OVER, true);
    }

    /** Whether a person may take it from here to there. */
    public function leadsTo(self $to): bool
    {
        return match ($to) {
            // Sent by a press, or sent anew.
            self::ToBeSent => $this === self::Held || $this === self::GivenUp || $this === self::Dropped,
            self::Held => in_array($this, self::ON_ITS_WAY, true),
            self::Dropped => $this->isOpen(),
            default => false,
        };
    }
}
