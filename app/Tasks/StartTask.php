<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Access\Actor;
use App\Models\Access\User;
use App\Models\Tasks\Task;
use OpenBaton\Core\Subject\TaskAction;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\TaskStatus;

/** The assignee begins, or goes on with what waited. */
final readonly class StartTask
{
    public function __construct(private EditTask $edit) {}

    public function __invoke(Task $task, User $by, ?int $seenRevision = null): Task
    {
        return ($this->edit)(
            $task->id,
            $seenRevision,
            new Edit(
                'started',
                // Whoever begins does not put it off any longer.
                static fn(TaskSubject $subject): TaskSubject => $subject
                    ->inStatus(TaskStatus::Working)
                    ->startingAt($subject->isPostponed(now()->getTimestamp()) ? null : $subject->startAt),
                TaskAction::Start,
            ),
            Actor::user($by),
        );
    }
}
