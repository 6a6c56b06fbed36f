<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Task;
use App\Models\User;
use Closure;
use Illuminate\Support\Facades\DB;

/** Changes a task that others may be changing too: locked, checked against what the person saw, recorded. */
final class ChangeTask
{
    /**
     * @param int|null                     $seenRevision the revision that the person looked at; null: whatever it is now
     * @param Closure(Task): array<string, mixed> $change answers what is worth recording
     *
     * @throws TaskMovedOn where it has changed since
     */
    public static function run(string $taskId, ?int $seenRevision, User $by, string $event, string $said, Closure $change): Task
    {
        return DB::transaction(static function () use ($taskId, $seenRevision, $by, $event, $said, $change): Task {
            $task = Task::query()->lockForUpdate()->findOrFail($taskId);
            if ($seenRevision !== null && $seenRevision !== $task->revision) {
                throw TaskMovedOn::since($task);
            }
            $properties = $change($task);
            ++$task->revision;
            $task->save();
            activity('tasks')->performedOn($task)->causedBy($by)->event($event)->withProperties($properties)->log($said);

            return $task;
        }, attempts: 3);
    }
}
