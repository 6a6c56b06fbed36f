<?php

declare(strict_types=1);

namespace App\Refusals;

/** Two of one name could not be told apart; somebody else made the other one a moment ago. */
final class NameTaken extends Refused
{
    public static function byAnother(): self
    {
        return new self('taken.name');
    }
}
