<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Task;
use App\Models\User;
use Closure;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Subject\TaskAction;
use OpenBaton\Core\Subject\Transitions;

/** Changes a task that others may be changing too: locked, checked against what the person saw and against the table of transitions, recorded. */
final class ChangeTask
{
    /**
     * @param int|null                             $seenRevision the revision that the person looked at; null: whatever it is now
     * @param Closure(Task): array<string, mixed>  $change       answers what is worth recording
     *
     * @throws TaskMovedOn where it has changed since, or is not in the state for it
     */
    public static function run(TaskAction $action, string $taskId, ?int $seenRevision, User $by, string $event, string $description, Closure $change): Task
    {
        return DB::transaction(static function () use ($action, $taskId, $seenRevision, $by, $event, $description, $change): Task {
            $task = Task::query()->lockForUpdate()->findOrFail($taskId);
            $transition = Transitions::of($action);
            if (($seenRevision !== null && $seenRevision !== $task->revision) || ! $transition->fits($task->status, $task->assignee_id !== null)) {
                throw TaskMovedOn::since($task);
            }
            $properties = $change($task);
            $task->status = $transition->to ?? $task->status;
            ++$task->revision;
            $task->save();
            Audit::record(Actor::user($by), 'tasks', $event, $description, $task, $properties);

            return $task;
        }, attempts: 3);
    }
}
