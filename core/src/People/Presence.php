<?php

declare(strict_types=1);

namespace OpenBaton\Core\People;

/** Where somebody stands at an instant: the first of these that is so. */
enum Presence: string
{
    case Inactive = 'inactive';
    case Gone = 'gone';
    case ToCome = 'to_come';
    case Away = 'away';
    case Paused = 'paused';
    /** at work */
    case In = 'in';
    /** outside of their working hours */
    case Off = 'off';
}
