<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Access\Actor;
use App\Models\Access\User;
use App\Models\Tasks\Task;
use OpenBaton\Core\Subject\TaskAction;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\TaskStatus;

/** A task is dropped, with a reason; nothing is erased. */
final readonly class DropTask
{
    public function __construct(private EditTask $edit) {}

    public function __invoke(Task $task, string $reason, User $by, ?int $seenRevision = null): Task
    {
        return ($this->edit)(
            $task->id,
            $seenRevision,
            new Edit(
                'dropped',
                static fn(TaskSubject $subject): TaskSubject => $subject->inStatus(TaskStatus::Dropped),
                TaskAction::Drop,
                $reason,
            ),
            Actor::user($by),
        );
    }
}
