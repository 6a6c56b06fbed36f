<?php

declare(strict_types=1);

namespace App\Sweeps;

use App\Models\Access\User;
use App\Models\Sweeps\SweepRun;
use App\Models\Tasks\Task;
use App\Tasks\ListedTasks;
use App\Tasks\TaskFilter;

/** The open tasks that a sweep is over, of those that its user sees. */
final readonly class ChosenTasks
{
    /** Tasks that are looked at. */
    public const MOST = 100_000;

    public function __construct(private ListedTasks $listed) {}

    /** @return list<string> ids, the most urgent first, of those the one that has waited longest */
    public function of(SweepRun $run): array
    {
        $chosen = (array) $run->chosen;
        $tasks = $this->listed->of(self::filter($run), $run->user ?? new User());
        if (isset($chosen['ids'])) {
            $tasks->whereKey(array_filter((array) $chosen['ids'], is_string(...)));
        }

        return array_values(
            $tasks
                ->open()
                ->mostUrgentFirst()
                ->orderBy('id')
                ->limit(self::MOST)
                ->get(['id'])
                ->map(static fn(Task $task): string => $task->id)
                ->all(),
        );
    }

    /** The list that it is over. */
    public static function filter(SweepRun $run): TaskFilter
    {
        $filter = [];
        foreach ((array) (((array) $run->chosen)['filter'] ?? []) as $name => $value) {
            $filter[(string) $name] = is_string($value) ? $value : '';
        }

        return new TaskFilter($filter);
    }
}
