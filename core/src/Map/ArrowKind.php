<?php

declare(strict_types=1);

namespace OpenBaton\Core\Map;

enum ArrowKind: string
{
    /** A stage or a step after which another comes. */
    case Next = 'next';
    /** What starts a runsheet, opens a case or moves one. */
    case Starts = 'starts';
    /** A runsheet that has to be finished for a stage. */
    case Needs = 'needs';
    /** A step on whose end a date of another hangs. */
    case Date = 'date';
    /** Work and who does it. */
    case Does = 'does';
    /** Whoever handed work on, and to whom. */
    case HandsOn = 'hands_on';
}
