<?php

declare(strict_types=1);

namespace App\Http\Pages\Floor;

use App\Bridge\Snapshot;
use App\Database\Row;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskHolder;
use OpenBaton\Core\Workload\TaskStatus;

/** How many open tasks take the time of each person: in as many steps however many there are. */
final class OpenCounts
{
    /** @return array<array-key, int> by slug */
    public static function of(Snapshot $house): array
    {
        $held = [TaskStatus::New, TaskStatus::Working];
        $counts = [];
        foreach (
            [
                ['assignee_id', Task::query()->whereIn('status', $held)],
                ['reviewer_id', Task::query()->where('status', TaskStatus::InReview)],
                [
                    'person_id',
                    TaskHolder::query()->whereIn(
                        'task_id',
                        Task::query()->whereIn('status', $held)->whereNotNull('do_together')->select('id'),
                    ),
                ],
            ]
            as [$column, $query]
        ) {
            // The builder has no count by group.
            $rows = $query
                ->whereNotNull($column)
                ->groupBy($column)
                ->selectRaw("{$column} AS person, COUNT(*) AS number")
                ->toBase()
                ->get();
            foreach ($rows as $row) {
                $row = new Row($row);
                $slug = $house->personSlugs[$row->text('person')] ?? null;
                if ($slug !== null) {
                    $counts[$slug] = ($counts[$slug] ?? 0) + $row->int('number');
                }
            }
        }

        return $counts;
    }
}
