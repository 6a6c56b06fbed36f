<?php

declare(strict_types=1);

namespace OpenBaton\Core\Absence;

/** What of the work that somebody has in hand passes to others while they are away. */
enum HeldPolicy: string
{
    /** What is due no later than the end of their first working day back, unless they finish it before they go. */
    case FallsDue = 'falls_due';
    case All = 'all';
    case Nothing = 'nothing';
}
