<?php

declare(strict_types=1);

namespace App\Models\Levelling;

/** How far a levelling is. */
enum LevellingState: string
{
    /** The background works it out. */
    case Working = 'working';
    /** There is a plan; nothing is done. */
    case Ready = 'ready';
    case Applied = 'applied';
    case Undone = 'undone';
    /** It could not be worked out. */
    case Failed = 'failed';
}
