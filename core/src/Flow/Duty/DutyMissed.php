<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Duty;

/** Why there is no task, or no longer one, for a date of a duty. */
enum DutyMissed: string
{
    /** The one before was open until a newer one came. */
    case Waited = 'waited';
    /** It was still open when the next came. */
    case Dropped = 'dropped';
    /** The clock was not looked at, and a newer one has come. */
    case Late = 'late';
    /** Its kind of task is no longer there. */
    case Impossible = 'impossible';
}
