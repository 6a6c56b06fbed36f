<?php

declare(strict_types=1);

namespace App\Refusals;

/** There is as much of something as there may be. */
final class TooMany extends Refused
{
    public static function reminders(int $most): self
    {
        return new self('too_many.reminders', ['most' => $most]);
    }
}
