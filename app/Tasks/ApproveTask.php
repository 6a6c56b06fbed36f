<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Access\Actor;
use App\Models\Access\User;
use App\Models\Tasks\Task;
use OpenBaton\Core\Subject\TaskAction;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\TaskStatus;

/** The reviewer signs a task off. */
final readonly class ApproveTask
{
    public function __construct(private EditTask $edit) {}

    public function __invoke(Task $task, ?string $note, User $by, ?int $seenRevision = null): Task
    {
        return ($this->edit)(
            $task->id,
            $seenRevision,
            new Edit(
                'approved',
                static fn(TaskSubject $subject): TaskSubject => $subject->inStatus(TaskStatus::Done),
                TaskAction::Approve,
                $note,
            ),
            Actor::user($by),
        );
    }
}
