<?php

declare(strict_types=1);

namespace App\Refusals;

/** A sweep is not as it was when it was looked at. */
final class SweepMovedOn extends Refused
{
    public static function since(): self
    {
        return new self('moved_on.sweep');
    }

    public static function otherRules(): self
    {
        return new self('moved_on.sweep_rules');
    }

    /** Somebody else has saved it meanwhile. */
    public static function saved(): self
    {
        return new self('moved_on.sweep_saved');
    }
}
