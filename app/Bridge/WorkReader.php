<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Database\Question;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\Work;
use OpenBaton\Core\Workload\WorkItem;
use stdClass;

/** The open work of people, and when they were last given something: by a query for each however much it is. */
final class WorkReader
{
    /** A row for each open task that people hold, review or will. Which of them load whom, the core knows. */
    private const TASKS = <<<'SQL'
        SELECT id, task_kind_id, assignee_id, reviewer_id, status, priority, estimate_minutes, spent_minutes, remaining_minutes,
            UNIX_TIMESTAMP(arrived_at) AS arrived, UNIX_TIMESTAMP(starts_at) AS starts, UNIX_TIMESTAMP(due_at) AS due
        FROM tasks WHERE status NOT IN ('done', 'dropped') AND completed_at IS NULL AND (assignee_id %1$s OR reviewer_id %1$s)
        SQL;

    /** A row for each of some people. It is one step into an index for each: the log of handoffs only grows. */
    private const LAST_ASSIGNED = <<<'SQL'
        SELECT id, (SELECT UNIX_TIMESTAMP(at) FROM handoffs WHERE to_id = people.id ORDER BY at DESC LIMIT 1) AS assigned
        FROM people WHERE id %s
        SQL;

    public static function ofEverybody(Snapshot $snapshot): Work
    {
        return self::answered(Question::askAll(
            DB::connection(),
            new Question(sprintf(self::TASKS, 'IS NOT NULL'), []),
            new Question(sprintf(self::LAST_ASSIGNED, 'IS NOT NULL'), []),
        ), $snapshot);
    }

    /** What of the work a decision may look at. */
    public static function of(Needs $needs, Snapshot $snapshot): Work
    {
        return self::answered(Question::askAll(DB::connection(), ...self::asking($needs, $snapshot)), $snapshot);
    }

    /** @return list<Question> what asks for that, of tasks and then of when people were last given something */
    public static function asking(Needs $needs, Snapshot $snapshot): array
    {
        $questions = [];
        foreach ([[self::TASKS, $needs->people, 2], [self::LAST_ASSIGNED, $needs->lastAssigned, 1]] as [$sql, $slugs, $times]) {
            if ($slugs !== []) {
                $ids = array_map(static fn(string $slug): string => $snapshot->personIds[$slug], $slugs);
                $questions[] = new Question(
                    sprintf($sql, 'IN ('.Question::marks($ids).')'),
                    array_merge(...array_fill(0, $times, $ids)),
                );
            }
        }

        return $questions;
    }

    /** @param list<array<int, stdClass>> $answers what was answered to asking() */
    public static function answered(array $answers, Snapshot $snapshot): Work
    {
        $items = [];
        foreach ($answers[0] ?? [] as $row) {
            $items[] = self::item($row, $snapshot);
        }
        $lastAssigned = [];
        foreach ($answers[1] ?? [] as $row) {
            $slug = $snapshot->personSlugs[(string) $row->id] ?? null;
            if ($slug !== null && $row->assigned !== null) {
                $lastAssigned[$slug] = (int) $row->assigned;
            }
        }

        return Work::of($items, $lastAssigned);
    }

    private static function item(stdClass $row, Snapshot $snapshot): WorkItem
    {
        return new WorkItem(
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

    private static function int(mixed $value): ?int
    {
        return is_numeric($value) ? (int) $value : null;
    }
}
