<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Task;
use App\Models\User;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Workload\TaskStatus;

/** The assignee begins. */
final class StartTask
{
    public function __invoke(Task $task, User $by, ?int $seenRevision = null): Task
    {
        return ChangeTask::run($task->id, $seenRevision, $by, 'started', 'started', static function (Task $task): array {
            if ($task->status !== TaskStatus::New && $task->status !== TaskStatus::Waiting) {
                throw TaskMovedOn::since($task);
            }
            $task->status = TaskStatus::Working;
            $task->started_at ??= CarbonImmutable::now();

            return [];
        });
    }
}
