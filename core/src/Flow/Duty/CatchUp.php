<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Duty;

/** Which of the dates are made up for that have passed while the clock was not looked at. */
enum CatchUp: string
{
    case Each = 'each';
    case Newest = 'newest';
}
