<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Access\Actor;
use App\Bridge\Snapshot;
use App\Models\Access\User;
use App\Models\Tasks\Task;
use OpenBaton\Core\Subject\TaskAction;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\TaskStatus;

/** Whoever did it asks for a review. */
final readonly class AskReview
{
    public function __construct(private EditTask $edit, private Completing $completing) {}

    public function __invoke(Task $task, ?string $note, User $by, ?int $seenRevision = null): Task
    {
        return ($this->edit)(
            $task->id,
            $seenRevision,
            new Edit(
                'review_asked',
                function (TaskSubject $subject, Snapshot $house) use ($note): TaskSubject {
                    $this->completing->check($subject, $note, $house);

                    return $subject->inStatus(TaskStatus::InReview);
                },
                TaskAction::AskReview,
                $note,
            ),
            Actor::user($by),
        );
    }
}
