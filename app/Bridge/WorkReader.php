<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Database\Question;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\Work;
use OpenBaton\Core\Workload\WorkItem;
use stdClass;

/** The open work of people, and when they were last given something: by one query however much it is. */
final class WorkReader
{
    /** A row for each open task of people as holder or as reviewer. Which of them load whom, the core knows. */
    private const TASKS = <<<'SQL'
        SELECT id, task_kind_id, assignee_id, reviewer_id, status, priority, estimate_minutes, spent_minutes, remaining_minutes,
            UNIX_TIMESTAMP(arrived_at) AS arrived, UNIX_TIMESTAMP(starts_at) AS starts, UNIX_TIMESTAMP(due_at) AS due, NULL AS assigned
        FROM tasks WHERE completed_at IS NULL AND status <> 'dropped' AND %s %s
        SQL;

    /** A row for each of some people. It is one step into an index for each: the log of handoffs only grows. */
    private const LAST_ASSIGNED = <<<'SQL'
        SELECT NULL, NULL, people.id, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL,
            (SELECT UNIX_TIMESTAMP(at) FROM handoffs WHERE to_id = people.id ORDER BY at DESC LIMIT 1)
        FROM people WHERE people.id %s
        SQL;

    public static function ofEverybody(Snapshot $snapshot): Work
    {
        return self::answered(self::question('IS NOT NULL', 'IS NOT NULL', [])->ask(), $snapshot);
    }

    /** What of the work a decision may look at. */
    public static function of(Needs $needs, Snapshot $snapshot): Work
    {
        return self::answered(self::asking($needs, $snapshot)?->ask() ?? [], $snapshot);
    }

    /** What asks for that; null where it needs none. */
    public static function asking(Needs $needs, Snapshot $snapshot): ?Question
    {
        if ($needs->people === []) {
            return null;
        }
        $id = static fn(string $slug): string => $snapshot->personIds[$slug];
        $in = static fn(int $count): string => 'IN ('.implode(', ', array_fill(0, $count, '?')).')';
        $people = array_map($id, $needs->people);
        $sinceWhom = array_map($id, $needs->lastAssigned);

        return self::question($in(count($people)), $sinceWhom === [] ? null : $in(count($sinceWhom)), [...$people, ...$people, ...$sinceWhom]);
    }

    /**
     * @param string|null  $sinceWhom of whom it is asked when they were last given something; null: of nobody
     * @param list<string> $bindings
     */
    private static function question(string $whose, ?string $sinceWhom, array $bindings): Question
    {
        return new Question(implode(' UNION ALL ', [
            sprintf(self::TASKS, 'assignee_id', $whose),
            sprintf(self::TASKS, 'reviewer_id', $whose),
            ...($sinceWhom === null ? [] : [sprintf(self::LAST_ASSIGNED, $sinceWhom)]),
        ]), $bindings);
    }

    /** @param array<int, stdClass> $rows what was answered to asking() */
    public static function answered(array $rows, Snapshot $snapshot): Work
    {
        $items = [];
        $lastAssigned = [];
        foreach ($rows as $row) {
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
