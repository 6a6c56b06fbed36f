<?php

declare(strict_types=1);

namespace App\Bridge;

use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Timer\RuleTimer;

/** A published version as the cache keeps it. */
final readonly class KeptRulebook
{
    /** @param array<string, RuleTimer> $timers of its rules, by id */
    public function __construct(public string $number, public Rulebook $rulebook, public array $timers) {}
}
