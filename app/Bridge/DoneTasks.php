<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Database\Row;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Subject\DoneTask;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\TaskStatus;

/** Who did the tasks that belong with some: by one query however many these are. */
final class DoneTasks
{
    /** As many of the latest, for each task. */
    private const MOST = 100;

    /**
     * @param list<TaskSubject> $tasks
     *
     * @return array<string, list<DoneTask>> by id of the task, the latest first
     */
    public static function with(array $tasks, Snapshot $house): array
    {
        $ids = $parents = $others = [];
        foreach ($tasks as $task) {
            $ids[] = $task->id;
            $parents = [...$parents, ...$task->madeById === null ? [] : [$task->madeById]];
            $others = [...$others, ...$task->linkedTo];
        }
        // Rows, not models: what is done is many, and little of it is asked for.
        $rows = Task::query()
            ->where('status', TaskStatus::Done)
            ->whereNotNull('assignee_id')
            ->where(
                static fn(Builder $any): Builder => $any
                    ->whereIn('made_by_id', array_unique([...$parents, ...$ids]))
                    ->orWhereIn('id', array_unique([...$parents, ...$others])),
            )
            ->orderByDesc('completed_at')
            ->orderByDesc('id')
            ->limit(self::MOST * count($tasks))
            ->toBase()
            ->get(['id', 'task_kind_id', 'assignee_id', 'made_by_id']);
        $with = array_fill_keys($ids, []);
        foreach ($rows as $row) {
            $row = new Row($row);
            $by = $house->personSlugs[$row->text('assignee_id')] ?? null;
            foreach ($tasks as $task) {
                if ($by !== null && DoneTask::belong($task, $row->text('id'), $row->textOrNull('made_by_id'))) {
                    $kind = $house->kinds[$row->text('task_kind_id')]->slug ?? '';
                    $with[$task->id][] = new DoneTask($row->text('id'), $kind, $by);
                }
            }
        }

        return $with;
    }

    /** @return list<string> slugs of those who have done tasks in a case */
    public static function workersIn(string $caseId, Snapshot $house): array
    {
        $ids = Task::query()
            ->where('case_id', $caseId)
            ->where('status', TaskStatus::Done)
            ->whereNull('answers')
            ->distinct()
            ->pluck('assignee_id')
            ->all();

        return array_values(array_intersect_key($house->personSlugs, array_flip(array_filter($ids, is_string(...)))));
    }
}
