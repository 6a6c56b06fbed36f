<?php

declare(strict_types=1);

namespace App\Bridge;

use OpenBaton\Core\Rulebook\Rulebook;

/** A published version as the cache keeps it. */
final readonly class KeptRulebook
{
    /** @param array<string, int> $timers since when each has been published without a break, as an instant by its id */
    public function __construct(public string $number, public Rulebook $rulebook, public array $timers) {}
}
