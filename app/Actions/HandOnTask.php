<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Handoff;
use App\Models\HandoffCause;
use App\Models\Person;
use App\Models\Task;
use App\Models\User;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Subject\TaskAction;

/** Gives a task to somebody else, with a reason. */
final class HandOnTask
{
    public function __invoke(Task $task, Person $to, string $reason, User $by, ?int $seenRevision = null): Task
    {
        return ChangeTask::run(TaskAction::HandOn, $task->id, $seenRevision, $by, 'handed_on', "handed on to {$to->name}", static function (Task $task) use ($to, $reason, $by): array {
            if ($task->assignee_id === $to->id) {
                throw TaskMovedOn::since($task);
            }

            return self::move($task, $to, HandoffCause::HandOn, $by, $reason);
        });
    }

    /** @return array<string, mixed> */
    public static function move(Task $task, Person $to, HandoffCause $cause, User $by, ?string $reason): array
    {
        $handoff = Handoff::query()->create([
            'task_id' => $task->id,
            'from_id' => $task->assignee_id,
            'to_id' => $to->id,
            'cause' => $cause,
            'user_id' => $by->id,
            'reason' => $reason,
            'at' => CarbonImmutable::now(),
        ]);
        $task->assignee_id = $to->id;
        $task->claimants()->detach();

        return ['handoff' => $handoff->id];
    }
}
