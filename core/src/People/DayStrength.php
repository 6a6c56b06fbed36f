<?php

declare(strict_types=1);

namespace OpenBaton\Core\People;

use OpenBaton\Core\Time\LocalDate;

/** How many of some people work on a day, and how many would if nobody were away. */
final readonly class DayStrength
{
    public function __construct(public LocalDate $date, public int $there, public int $expected) {}

    /** Whether fewer are there than should be; a day on which nobody works anyway has no minimum. */
    public function isBelow(int $minimum): bool
    {
        return $this->expected > 0 && $this->there < $minimum;
    }
}
