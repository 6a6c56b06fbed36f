<?php

declare(strict_types=1);

namespace App\Bridge;

use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\Work;
use OpenBaton\Core\Workload\WorkItem;

/** The open work of people, in two queries however much it is. */
final class WorkReader
{
    private const OPEN = [TaskStatus::New, TaskStatus::Working, TaskStatus::Waiting, TaskStatus::InReview];

    public static function ofEverybody(Snapshot $snapshot): Work
    {
        return self::read($snapshot, null);
    }

    /** @param list<string> $people by slug */
    public static function of(array $people, Snapshot $snapshot): Work
    {
        return $people === [] ? Work::of([]) : self::read($snapshot, array_map(static fn(string $slug): string => $snapshot->personIds[$slug], $people));
    }

    /** @param list<string>|null $ids null: everybody */
    private static function read(Snapshot $snapshot, ?array $ids): Work
    {
        $rows = DB::table('people')->whereNotNull('last_assigned_at')->selectRaw('slug, UNIX_TIMESTAMP(last_assigned_at) AS at');
        $lastAssigned = [];
        foreach (($ids === null ? $rows : $rows->whereIn('id', $ids))->get() as $row) {
            $lastAssigned[(string) $row->slug] = (int) $row->at;
        }
        $items = [];
        foreach ($ids === null ? ['assignee_id' => null, 'reviewer_id' => null] : ['assignee_id' => $ids, 'reviewer_id' => $ids] as $column => $of) {
            $items += self::items($snapshot, $column, $of);
        }

        return Work::of($items, $lastAssigned);
    }

    /**
     * @param list<string>|null $ids
     *
     * @return array<string, WorkItem> by id of the task
     */
    private static function items(Snapshot $snapshot, string $column, ?array $ids): array
    {
        $query = DB::table('tasks')
            ->whereIn('status', $column === 'assignee_id' ? self::OPEN : [TaskStatus::InReview])
            ->selectRaw('id, task_kind_id, assignee_id, reviewer_id, status, priority, estimate_minutes, spent_minutes, remaining_minutes, UNIX_TIMESTAMP(arrived_at) AS arrived, UNIX_TIMESTAMP(starts_at) AS starts, UNIX_TIMESTAMP(due_at) AS due');
        $rows = ($ids === null ? $query->whereNotNull($column) : $query->whereIn($column, $ids))->get();
        $items = [];
        foreach ($rows as $row) {
            $items[(string) $row->id] = new WorkItem(
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
