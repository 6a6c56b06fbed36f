<?php

declare(strict_types=1);

namespace App\Refusals;

/** There is one of what there is one of: a rulebook that waits for its time, or a draft. */
final class PlannedAlready extends Refused
{
    public static function another(): self
    {
        return new self('taken.planned');
    }

    public static function draft(): self
    {
        return new self('taken.draft');
    }
}
