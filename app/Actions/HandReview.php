<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Person;
use App\Models\Task;
use App\Models\User;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\TaskAction;

/** Gives a review to somebody else, with a reason. */
final readonly class HandReview
{
    public function __construct(private EditTask $edit) {}

    public function __invoke(Task $task, Person $to, string $reason, User $by, ?int $seenRevision = null): Task
    {
        return ($this->edit)($task->id, $seenRevision, new Edit('review_handed_on', static fn(Subject $subject): Subject => $subject->reviewedBy($to->slug), TaskAction::HandReview, $reason), Actor::user($by));
    }
}
