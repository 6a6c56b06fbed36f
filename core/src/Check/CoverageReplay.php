<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check;

use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Subject\ChangeSet;

/** Which rules would act on recorded work, whether or not they would find somebody on the day. */
final class CoverageReplay
{
    /** @return list<int> positions of the rules that act: those that hold and only follow up, and the first that gives, which ends it */
    public static function acting(CompiledRulebook $rulebook, ChangeSet $change): array
    {
        $acting = [];
        foreach ($rulebook->holding($change) as $position => $rule) {
            $acting[] = $position;
            if ($rule->give !== null) {
                break;
            }
        }

        return $acting;
    }

    /**
     * @param list<int> $acting as above
     *
     * @return int|null position of the rule that gives; null: none
     */
    public static function giving(CompiledRulebook $rulebook, array $acting): ?int
    {
        $last = $acting === [] ? null : $acting[count($acting) - 1];

        return $last === null || $rulebook->rulebook->rules[$last]->give === null ? null : $last;
    }
}
