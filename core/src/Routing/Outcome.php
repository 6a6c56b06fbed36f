<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

enum Outcome: string
{
    /** One person got it. */
    case Assigned = 'assigned';
    /** Whoever holds it keeps it. */
    case Kept = 'kept';
    /** Nobody holds it, some may claim it. */
    case Open = 'open';
    /** Nobody suitable was found. */
    case Unplaced = 'unplaced';
}
