<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check;

use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Subject\ChangeSet;

/** Which rule would take recorded work: the first that holds and gives, whether or not it would find somebody on the day. */
final class CoverageReplay
{
    /** @return int|null position of the rule; null: none */
    public static function position(CompiledRulebook $rulebook, ChangeSet $change): ?int
    {
        foreach ($rulebook->holding($change) as $position => $rule) {
            if ($rule->give !== null) {
                return $position;
            }
        }

        return null;
    }
}
