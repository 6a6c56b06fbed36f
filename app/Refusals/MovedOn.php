<?php

declare(strict_types=1);

namespace App\Refusals;

/** What was asked for does not fit any more: somebody else has changed it in the meantime. */
abstract class MovedOn extends Refused
{
    public function status(): int
    {
        return 409;
    }
}
