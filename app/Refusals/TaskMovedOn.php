<?php

declare(strict_types=1);

namespace App\Refusals;

use App\Models\Tasks\Task;

/** Somebody else has changed the task in the meantime, or it is not in the state for what was asked. */
final class TaskMovedOn extends Refused
{
    public static function since(Task $task): self
    {
        return new self('moved_on.task', [
            'status' => $task->status->value,
            'holder' => $task->assignee->name ?? 'none',
        ]);
    }
}
