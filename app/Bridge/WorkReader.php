<?php

declare(strict_types=1);

namespace App\Bridge;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\Work;
use OpenBaton\Core\Workload\WorkItem;

/** The open work of people, in two queries however much it is. */
final class WorkReader
{
    private const COLUMNS = 'id, task_kind_id, assignee_id, reviewer_id, status, priority, estimate_minutes, spent_minutes, remaining_minutes, UNIX_TIMESTAMP(arrived_at) AS arrived, UNIX_TIMESTAMP(starts_at) AS starts, UNIX_TIMESTAMP(due_at) AS due';

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
        return Work::of(self::items($snapshot, $ids), self::lastAssigned($ids));
    }

    /**
     * @param list<string>|null $ids
     *
     * @return array<string, int> instant by slug
     */
    private static function lastAssigned(?array $ids): array
    {
        $people = $ids === null ? DB::table('people') : DB::table('people')->whereIn('id', $ids);
        // By one step into an index for each: the log of handoffs only grows.
        $latest = static fn(Builder $handoffs): Builder => $handoffs->from('handoffs')->whereColumn('to_id', 'people.id')->orderByDesc('at')->limit(1)->selectRaw('UNIX_TIMESTAMP(at)');

        return array_map(intval(...), array_filter($people->select('slug')->selectSub($latest, 'latest')->pluck('latest', 'slug')->all(), is_numeric(...)));
    }

    /**
     * What they hold and what they review or will. Which of it loads them, the core knows.
     *
     * @param list<string>|null $ids
     *
     * @return array<string, WorkItem> by id of the task
     */
    private static function items(Snapshot $snapshot, ?array $ids): array
    {
        $rows = self::notEnded('assignee_id', $ids)->unionAll(self::notEnded('reviewer_id', $ids))->get();
        $items = [];
        foreach ($rows as $row) {
            $items[(string) $row->id] = new WorkItem(
                (string) $row->id,
                $snapshot->personSlugs[(string) $row->assignee_id] ?? null,
                TaskStatus::from((string) $row->status),
                Priority::from((string) $row->priority),
                new Effort(
                    $snapshot->kinds[(string) $row->task_kind_id]->usualMinutes ?? 0,
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

    /** @param list<string>|null $ids null: everybody */
    private static function notEnded(string $column, ?array $ids): Builder
    {
        $tasks = DB::table('tasks')->whereNull('completed_at')->where('status', '<>', TaskStatus::Dropped)->selectRaw(self::COLUMNS);

        return $ids === null ? $tasks->whereNotNull($column) : $tasks->whereIn($column, $ids);
    }

    private static function int(mixed $value): ?int
    {
        return is_numeric($value) ? (int) $value : null;
    }
}
