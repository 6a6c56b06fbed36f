<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Models\Tasks\Decision;
use OpenBaton\Core\Routing\Outcome;
use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Rulebook\Rulebook;

/** By which rules tasks have come to those who hold them. */
final class PlacingRules
{
    /**
     * @param array<array-key, mixed> $taskIds
     *
     * @return array<array-key, Give> how the rule gives that placed a task last, as it is now
     */
    public static function of(array $taskIds, Rulebook $rulebook): array
    {
        $rules = [];
        foreach ($rulebook->rules as $rule) {
            $rules[$rule->id] = $rule->give;
        }

        return array_filter(
            array_map(static fn(string $rule): ?Give => $rules[$rule] ?? null, self::namesOf($taskIds)),
        );
    }

    /**
     * @param array<array-key, mixed> $taskIds
     *
     * @return array<array-key, string> id of the rule that placed a task last
     */
    public static function namesOf(array $taskIds): array
    {
        return Decision::query()
            ->whereIn('task_id', $taskIds)
            ->whereNotNull('rule')
            ->where('outcome', Outcome::Assigned)
            ->orderBy('at')
            ->orderBy('id')
            ->get(['task_id', 'rule'])
            ->mapWithKeys(static fn(Decision $one): array => [(string) $one->task_id => (string) $one->rule])
            ->all();
    }
}
