<?php

declare(strict_types=1);

namespace App\Refusals;

/** Nobody takes a turn where they have no place. */
final class NotInRotation extends Refused
{
    public static function now(): self
    {
        return new self('rotation.no_place');
    }
}
