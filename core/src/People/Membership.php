<?php

declare(strict_types=1);

namespace OpenBaton\Core\People;

use InvalidArgumentException;

/** A person in a team, with the weight of their turns in it in hundredths (100 is a full turn). */
final readonly class Membership
{
    public const FULL_WEIGHT = 100;

    public function __construct(public string $personId, public int $weight = self::FULL_WEIGHT)
    {
        if ($weight < 1 || $weight > 1000) {
            throw new InvalidArgumentException('A weight is 1 to 1000 hundredths.');
        }
    }
}
