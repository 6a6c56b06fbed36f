<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Access\Actor;
use App\Models\Access\User;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use OpenBaton\Core\Subject\TaskAction;
use OpenBaton\Core\Subject\TaskSubject;

/** Gives a review to somebody else, with a reason. */
final readonly class HandReview
{
    public function __construct(private EditTask $edit) {}

    public function __invoke(Task $task, Person $to, string $reason, User $by, ?int $seenRevision = null): Task
    {
        return ($this->edit)(
            $task->id,
            $seenRevision,
            new Edit(
                'review_handed_on',
                static fn(TaskSubject $subject): TaskSubject => $subject->reviewedBy($to->slug),
                TaskAction::HandReview,
                $reason,
            ),
            Actor::user($by),
        );
    }
}
