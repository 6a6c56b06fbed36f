<?php

declare(strict_types=1);

namespace App\Refusals;

/** A choice that the house offers cannot go while something has it. */
final class StillUsed extends Refused
{
    public static function levels(): self
    {
        return new self('in_use.levels');
    }

    public static function tiers(): self
    {
        return new self('in_use.tiers');
    }
}
