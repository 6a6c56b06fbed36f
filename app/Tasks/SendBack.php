<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Access\Actor;
use App\Bridge\Occasion;
use App\Models\Access\User;
use App\Models\Tasks\Task;
use OpenBaton\Core\Subject\TaskAction;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\TaskStatus;

/** The reviewer sends a task back to whoever did it, with a reason. */
final readonly class SendBack
{
    public function __construct(private EditTask $edit) {}

    public function __invoke(Task $task, string $reason, User $by, ?int $seenRevision = null): Task
    {
        return ($this->edit)(
            $task->id,
            $seenRevision,
            new Edit(
                Occasion::SENT_BACK,
                static fn(TaskSubject $subject): TaskSubject => $subject->inStatus(TaskStatus::Working),
                TaskAction::SendBack,
                $reason,
            ),
            Actor::user($by),
        );
    }
}
