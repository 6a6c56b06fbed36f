<?php

declare(strict_types=1);

namespace App\Bridge;

use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\Work;
use OpenBaton\Core\Workload\WorkItem;

/** The open work of everybody, in two queries however much it is. */
final class WorkReader
{
    /** @param string|null $exceptTaskId a task that is being routed and is nobody's yet */
    public static function read(Snapshot $snapshot, ?string $exceptTaskId = null): Work
    {
        $lastAssigned = [];
        foreach (DB::table('people')->whereNotNull('last_assigned_at')->selectRaw('slug, UNIX_TIMESTAMP(last_assigned_at) AS at')->get() as $row) {
            $lastAssigned[(string) $row->slug] = (int) $row->at;
        }

        return Work::of(self::items($snapshot, $exceptTaskId), $lastAssigned);
    }

    /** @return list<WorkItem> */
    private static function items(Snapshot $snapshot, ?string $exceptTaskId): array
    {
        $rows = DB::table('tasks')
            ->whereIn('status', [TaskStatus::New->value, TaskStatus::Working->value, TaskStatus::Waiting->value, TaskStatus::InReview->value])
            ->where(static fn($query) => $query->whereNotNull('assignee_id')->orWhereNotNull('reviewer_id'))
            ->selectRaw('id, task_kind_id, assignee_id, reviewer_id, status, priority, estimate_minutes, spent_minutes, remaining_minutes, UNIX_TIMESTAMP(arrived_at) AS arrived, UNIX_TIMESTAMP(starts_at) AS starts, UNIX_TIMESTAMP(due_at) AS due')
            ->get();
        $items = [];
        foreach ($rows as $row) {
            if ($row->id === $exceptTaskId) {
                continue;
            }
            $items[] = new WorkItem(
                (string) $row->id,
                $snapshot->personSlugs[(string) $row->assignee_id] ?? null,
                TaskStatus::from((string) $row->status),
                Priority::from((string) $row->priority),
                new Effort(
                    $snapshot->usualMinutes[(string) $row->task_kind_id] ?? 0,
                    self::int($row->estimate_minutes),
                    (int) $row->spent_minutes,
                    self::int($row->remaining_minutes),
                ),
                (int) $row->arrived,
                self::int($row->starts),
                self::int($row->due),
                $snapshot->personSlugs[(string) $row->reviewer_id] ?? null,
            );
        }

        return $items;
    }

    private static function int(mixed $value): ?int
    {
        return is_numeric($value) ? (int) $value : null;
    }
}
