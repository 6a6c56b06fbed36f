<?php

declare(strict_types=1);

namespace App\Refusals;

/** Somebody else has decided or ended the absence in the meantime, or handed its work over. */
final class AbsenceMovedOn extends Refused
{
    public static function over(): self
    {
        return new self('moved_on.absence_over');
    }

    public static function decided(): self
    {
        return new self('moved_on.absence_decided');
    }

    public static function handedOver(): self
    {
        return new self('moved_on.absence_handed_over');
    }
}
