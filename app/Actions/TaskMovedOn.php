<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Task;

/** Somebody else has changed the task in the meantime, or it is not in the state for what was asked. */
final class TaskMovedOn extends MovedOn
{
    public static function since(Task $task): self
    {
        $holder = $task->assignee?->name;

        return new self('This task has changed since you opened it: it is '.str_replace('_', ' ', $task->status->value)
            .($holder === null ? ' and nobody holds it.' : " and {$holder} holds it.").' Look at it again, then repeat what you wanted.');
    }
}
