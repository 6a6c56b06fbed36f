<?php

declare(strict_types=1);

namespace App\Bridge;

use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Timer\RuleTimers;

/** A published version as the cache keeps it. */
final readonly class KeptRulebook
{
    public function __construct(public string $number, public Rulebook $rulebook, public RuleTimers $timers) {}
}
