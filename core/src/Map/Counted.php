<?php

declare(strict_types=1);

namespace OpenBaton\Core\Map;

use OpenBaton\Core\Figures\Typical;

/** How often something happened, and how long it took or was waited for, in minutes of working time of the house. */
final readonly class Counted
{
    /** @param Typical|null $minutes null: nothing is known of it yet */
    public function __construct(public int $number = 0, public ?Typical $minutes = null) {}
}
