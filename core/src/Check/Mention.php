<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check;

use OpenBaton\Core\Rulebook\Rule;

/** Where a rule names a person. */
final readonly class Mention
{
    /** @param bool $alone they are the only one it gives to there, so that whoever covers answers instead */
    public function __construct(public Rule $rule, public MentionPlace $place, public bool $alone = false) {}
}
