<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Duty;

/** What happens on a date of a duty while the task of the one before is still open. */
enum StillOpen: string
{
    /** Another task is made beside it. */
    case Add = 'add';
    /** It waits until that is done or dropped; of several that waited only the newest comes then. */
    case Wait = 'wait';
    /** What is open is dropped, as missed. */
    case Drop = 'drop';
}
