<?php

declare(strict_types=1);

namespace OpenBaton\Core\Absence;

/** What of the work that others have in hand for somebody comes back when they do. */
enum HandBackPolicy: string
{
    /** Whatever those who covered have not begun. */
    case Untouched = 'untouched';
    /** Whatever is still open. */
    case Unfinished = 'unfinished';
    case Nothing = 'nothing';
}
