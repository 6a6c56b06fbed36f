<?php

declare(strict_types=1);

namespace App\Bridge;

use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\Work;
use OpenBaton\Core\Workload\WorkItem;
use stdClass;

/** The open work of people, and when they were last given something: by one query however much it is. */
final class WorkReader
{
    /**
     * A row for each task that somebody holds, for each that somebody reviews or
     * will, and for each person. Which of the work loads them, the core knows.
     * When something was last given is one step into an index for each person:
     * the log of handoffs only grows.
     */
    private const ROWS = <<<'SQL'
        SELECT id, task_kind_id, assignee_id, reviewer_id, status, priority, estimate_minutes, spent_minutes, remaining_minutes,
            UNIX_TIMESTAMP(arrived_at) AS arrived, UNIX_TIMESTAMP(starts_at) AS starts, UNIX_TIMESTAMP(due_at) AS due, NULL AS assigned
        FROM tasks WHERE completed_at IS NULL AND status <> 'dropped' AND assignee_id %1$s
        UNION ALL
        SELECT id, task_kind_id, assignee_id, reviewer_id, status, priority, estimate_minutes, spent_minutes, remaining_minutes,
            UNIX_TIMESTAMP(arrived_at), UNIX_TIMESTAMP(starts_at), UNIX_TIMESTAMP(due_at), NULL
        FROM tasks WHERE completed_at IS NULL AND status <> 'dropped' AND reviewer_id %1$s
        UNION ALL
        SELECT NULL, NULL, people.id, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL,
            (SELECT UNIX_TIMESTAMP(at) FROM handoffs WHERE to_id = people.id ORDER BY at DESC LIMIT 1)
        FROM people WHERE people.id %1$s
        SQL;

    public static function ofEverybody(Snapshot $snapshot): Work
    {
        return self::read($snapshot, 'IS NOT NULL', []);
    }

    /** @param list<string> $people by slug */
    public static function of(array $people, Snapshot $snapshot): Work
    {
        if ($people === []) {
            return Work::of([]);
        }
        $ids = array_map(static fn(string $slug): string => $snapshot->personIds[$slug], $people);

        return self::read($snapshot, 'IN ('.implode(', ', array_fill(0, count($ids), '?')).')', [...$ids, ...$ids, ...$ids]);
    }

    /** @param list<string> $bindings */
    private static function read(Snapshot $snapshot, string $whom, array $bindings): Work
    {
        $items = [];
        $lastAssigned = [];
        foreach (DB::select(sprintf(self::ROWS, $whom), $bindings) as $row) {
            $holder = $snapshot->personSlugs[(string) $row->assignee_id] ?? null;
            if ($row->id !== null) {
                $items[(string) $row->id] = self::item($row, $holder, $snapshot);
            } elseif ($holder !== null && $row->assigned !== null) {
                $lastAssigned[$holder] = (int) $row->assigned;
            }
        }

        return Work::of($items, $lastAssigned);
    }

    private static function item(stdClass $row, ?string $holder, Snapshot $snapshot): WorkItem
    {
        return new WorkItem(
            (string) $row->id,
            $holder,
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

    private static function int(mixed $value): ?int
    {
        return is_numeric($value) ? (int) $value : null;
    }
}
