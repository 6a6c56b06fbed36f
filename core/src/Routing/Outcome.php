<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

enum Outcome: string
{
    /** One person holds it. */
    case Assigned = 'assigned';
    /** Nobody holds it, some may claim it. */
    case Open = 'open';
    /** Nobody suitable was found. */
    case Unplaced = 'unplaced';
}
