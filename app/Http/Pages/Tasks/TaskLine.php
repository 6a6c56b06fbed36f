<?php

declare(strict_types=1);

namespace App\Http\Pages\Tasks;

use App\Http\Pages\Moment;
use App\Http\Pages\PersonRef;
use App\Models\Tasks\Task;

/** A task as a row of a list. Its type is TaskLine.ts. */
final class TaskLine
{
    /** @return array<string, mixed> */
    public static function of(Task $task): array
    {
        return [
            'id' => $task->id,
            'number' => (int) $task->number,
            'revision' => (int) $task->revision,
            'title' => $task->title,
            'kind' => (string) $task->kind?->name,
            'customer' => $task->customer?->name,
            'status' => $task->status->value,
            'waitingFor' => $task->waiting_for,
            'wakesAt' => Moment::orNull($task->wakes_at),
            'startsAt' => Moment::orNull($task->starts_at),
            'postponedFor' => $task->postponed_for,
            'toHandOn' => $task->to_hand_on,
            'priority' => $task->priority->value,
            'minutesLeft' => $task->effort()->left(),
            'arrivedAt' => Moment::of($task->arrived_at),
            'dueAt' => Moment::orNull($task->due_at),
            // Where whoever asks for lines has asked for it.
            'coversFor' => $task->relationLoaded('covers') ? PersonRef::orNull($task->covers->first()?->for) : null,
            'together' => $task->do_together !== null,
            'completedAt' => Moment::orNull($task->completed_at),
        ];
    }
}
