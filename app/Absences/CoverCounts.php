<?php

declare(strict_types=1);

namespace App\Absences;

use App\Bridge\Snapshot;
use App\Database\Row;
use App\Models\Absences\TaskCover;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Workload\TaskStatus;

/** How many open tasks people hold and review in place of others. */
final class CoverCounts
{
    /**
     * @return list<array{for: string, by: string, count: int}> slugs, in the order of the names of those who are away
     */
    public static function all(Snapshot $house): array
    {
        $counts = [];
        foreach (SeatName::OF_TASK as $seat) {
            $column = $seat === SeatName::Reviewer ? 'tasks.reviewer_id' : 'tasks.assignee_id';
            $rows = TaskCover::query()
                ->join('tasks', 'tasks.id', '=', 'task_covers.task_id')
                ->where('seat', $seat)
                ->whereIn('tasks.status', TaskStatus::open())
                ->whereNotNull($column)
                ->groupBy('for_id', $column)
                // The builder has no aggregate by group.
                ->selectRaw("for_id, {$column} AS by_id, COUNT(*) AS tasks")
                ->toBase()
                ->get();
            foreach ($rows as $row) {
                $row = new Row($row);
                $for = $house->personSlugs[$row->text('for_id')] ?? null;
                $by = $house->personSlugs[$row->text('by_id')] ?? null;
                if ($for !== null && $by !== null) {
                    $counts["{$for} {$by}"] = [
                        'for' => $for,
                        'by' => $by,
                        'count' => ($counts["{$for} {$by}"]['count'] ?? 0) + $row->int('tasks'),
                    ];
                }
            }
        }
        ksort($counts);

        return array_values($counts);
    }
}
