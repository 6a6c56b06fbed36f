<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Task;
use App\Models\User;
use OpenBaton\Core\Subject\TaskAction;

/** Takes a completion back, for whoever pressed too soon. */
final class ReopenTask
{
    public function __invoke(Task $task, User $by, ?int $seenRevision = null): Task
    {
        return ChangeTask::run(TaskAction::Reopen, $task->id, $seenRevision, $by, 'reopened', 'taken up again', static function (Task $task): array {
            $task->completed_at = null;

            return [];
        });
    }
}
