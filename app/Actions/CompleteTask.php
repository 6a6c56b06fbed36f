<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Task;
use App\Models\User;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Subject\TaskAction;

/** The assignee is done. */
final class CompleteTask
{
    /** @param int|null $spentMinutes in all; null: as it stands */
    public function __invoke(Task $task, User $by, ?string $note = null, ?int $spentMinutes = null, ?int $seenRevision = null): Task
    {
        return ChangeTask::run(TaskAction::Complete, $task->id, $seenRevision, $by, 'completed', 'completed', static function (Task $task) use ($note, $spentMinutes): array {
            $task->started_at ??= CarbonImmutable::now();
            $task->completed_at = CarbonImmutable::now();
            $task->outcome_note = $note;
            $task->spent_minutes = max(0, $spentMinutes ?? $task->spent_minutes);

            return ['from' => $task->status->value];
        });
    }
}
