<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

use OpenBaton\Core\Criteria\FailedComparison;
use OpenBaton\Core\Rulebook\Rule;

/** The verdict on one rule, with what explains it. */
final readonly class RuleVerdict
{
    public function __construct(
        public Rule $rule,
        public Verdict $verdict,
        public ?FailedComparison $failed = null,
        public ?Attempt $attempt = null,
    ) {}
}
