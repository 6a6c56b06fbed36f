<?php

declare(strict_types=1);

namespace App\Models\Absences;

/** Why the work that an absence concerns is being moved. */
enum Settling: string
{
    /** It begins, ends, or who covers was set by hand. */
    case Due = 'due';
    /** It is at another time than before. */
    case Moved = 'moved';
}
