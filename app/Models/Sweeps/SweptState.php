<?php

declare(strict_types=1);

namespace App\Models\Sweeps;

/** What has become of a task in a sweep. */
enum SweptState: string
{
    case Foreseen = 'foreseen';
    /** Somebody has taken it out before it was carried out. */
    case LeftOut = 'left_out';
    case Carried = 'carried';
    /** When it came to it there was nothing to do any more. */
    case Passed = 'passed';
    case Failed = 'failed';
    case Undone = 'undone';
    /** Undone but for what somebody has changed since. */
    case Partly = 'partly';
}
