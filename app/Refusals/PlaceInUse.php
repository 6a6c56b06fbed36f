<?php

declare(strict_types=1);

namespace App\Refusals;

/** A place cannot go while something lies in it. */
final class PlaceInUse extends Refused
{
    public static function byOthers(): self
    {
        return new self('in_use.place');
    }
}
