<?php

declare(strict_types=1);

namespace App\Refusals;

/** A levelling is not as it was when somebody looked at it, or can't be done so. */
final class LevellingMovedOn extends Refused
{
    public static function since(): self
    {
        return new self('moved_on.levelling');
    }

    public static function tooMany(int $most): self
    {
        return new self('moved_on.levelling_too_many', ['most' => $most]);
    }

    /** None of what was chosen can be moved any more. */
    public static function nothingLeft(): self
    {
        return new self('moved_on.levelling_nothing');
    }

    /** @param int $count tasks that were begun, or that somebody else has by now */
    public static function begun(int $count): self
    {
        return new self('moved_on.levelling_begun', ['count' => $count]);
    }
}
