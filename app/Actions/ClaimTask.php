<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\HandoffCause;
use App\Models\Person;
use App\Models\Task;
use App\Models\User;
use OpenBaton\Core\Subject\TaskAction;

/** Takes an open task; the first to claim it has it. */
final class ClaimTask
{
    public function __invoke(Task $task, Person $to, User $by): Task
    {
        return ChangeTask::run(
            TaskAction::Claim,
            $task->id,
            null,
            $by,
            'claimed',
            "claimed by {$to->name}",
            static fn(Task $task): array => HandOnTask::move($task, $to, HandoffCause::Claim, $by, null),
        );
    }
}
