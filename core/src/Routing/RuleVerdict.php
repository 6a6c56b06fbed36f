<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

use OpenBaton\Core\Criteria\FailedComparison;
use OpenBaton\Core\Rulebook\Rule;

/** The verdict on one rule, with the comparison that failed where one did. */
final readonly class RuleVerdict
{
    public function __construct(public Rule $rule, public Verdict $verdict, public ?FailedComparison $failed = null) {}
}
