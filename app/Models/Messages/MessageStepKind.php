<?php

declare(strict_types=1);

namespace App\Models\Messages;

enum MessageStepKind: string
{
    case Prepared = 'prepared';
    case Edited = 'edited';
    case Postponed = 'postponed';
    /** It goes, or goes anew, since somebody said so. */
    case Released = 'released';
    case Held = 'held';
    case Dropped = 'dropped';
    case Failed = 'failed';
    case GivenUp = 'given_up';
    case Sent = 'sent';
}
