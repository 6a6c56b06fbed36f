<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Access\Actor;
use App\Models\Access\User;
use App\Models\Tasks\Task;
use OpenBaton\Core\Subject\TaskAction;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\TaskStatus;

/** Whoever did it takes their wish for a review back. */
final readonly class TakeBackReview
{
    public function __construct(private EditTask $edit) {}

    public function __invoke(Task $task, User $by, ?int $seenRevision = null): Task
    {
        return ($this->edit)(
            $task->id,
            $seenRevision,
            new Edit(
                'review_taken_back',
                static fn(TaskSubject $subject): TaskSubject => $subject->inStatus(TaskStatus::Working),
                TaskAction::TakeBack,
            ),
            Actor::user($by),
        );
    }
}
