<?php

declare(strict_types=1);

namespace App\Models\Sweeps;

/** How far a sweep is. */
enum SweepState: string
{
    /** Looks at what it would do. */
    case Looking = 'looking';
    /** All of it is foreseen; nothing is done. */
    case Looked = 'looked';
    case Carrying = 'carrying';
    case Done = 'done';
    /** Somebody stopped it, or it stopped by itself; what was done before stays done. */
    case Stopped = 'stopped';
    case Undoing = 'undoing';
    case Undone = 'undone';

    public function isUnderWay(): bool
    {
        return in_array($this, [self::Looking, self::Carrying, self::Undoing], true);
    }
}
