<?php

declare(strict_types=1);

namespace OpenBaton\Core\Absence;

/** Why a task passes to somebody else while its holder or reviewer is away, or stays. */
enum CoverReason: string
{
    case FallsDue = 'falls_due';
    case All = 'all';
    /** They have it in place of somebody who is away, too. */
    case Covered = 'covered';
    case GivenByHand = 'given_by_hand';

    case NoDueDate = 'no_due_date';
    case DueLater = 'due_later';
    case FinishedBefore = 'finished_before';
    case WaitsLonger = 'waits_longer';
    case NothingPasses = 'nothing_passes';
    /** They would not have worked a minute while they are away. */
    case NothingMissed = 'nothing_missed';
    /** Somebody who is there has it together with them. */
    case OthersHoldIt = 'others_hold_it';
    case KeptByHand = 'kept_by_hand';

    public function passes(): bool
    {
        return in_array($this, [self::FallsDue, self::All, self::Covered, self::GivenByHand], true);
    }
}
