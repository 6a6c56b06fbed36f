<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\HandoffCause;
use App\Models\Person;
use App\Models\Task;
use App\Models\User;

/** Takes an open task; the first to claim it has it. */
final class ClaimTask
{
    public function __invoke(Task $task, Person $to, User $by): Task
    {
        return ChangeTask::run($task->id, null, $by, 'claimed', "claimed by {$to->name}", static function (Task $task) use ($to, $by): array {
            if (! $task->status->isOpen() || $task->assignee_id !== null) {
                throw TaskMovedOn::since($task);
            }

            return HandOnTask::move($task, $to, HandoffCause::Claim, $by, null);
        });
    }
}
