<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Task;
use App\Models\User;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Subject\TaskAction;

/** The assignee begins. */
final class StartTask
{
    public function __invoke(Task $task, User $by, ?int $seenRevision = null): Task
    {
        return ChangeTask::run(TaskAction::Start, $task->id, $seenRevision, $by, 'started', 'started', static function (Task $task): array {
            $task->started_at ??= CarbonImmutable::now();

            return [];
        });
    }
}
