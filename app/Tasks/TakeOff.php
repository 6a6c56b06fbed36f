<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Access\Actor;
use App\Models\Access\User;
use App\Models\People\Person;
use App\Models\Tasks\HandoffCause;
use App\Models\Tasks\Task;
use OpenBaton\Core\Subject\TaskAction;
use OpenBaton\Core\Subject\TaskSubject;

/** One of several who hold a task leaves it to the others. */
final readonly class TakeOff
{
    public function __construct(private EditTask $edit) {}

    public function __invoke(Task $task, Person $who, User $by, ?int $seenRevision = null): Task
    {
        return ($this->edit)(
            $task->id,
            $seenRevision,
            new Edit(
                'taken_off',
                static fn(TaskSubject $subject): TaskSubject => $subject->passedBy($who->slug, null),
                TaskAction::TakeOff,
                handoff: HandoffCause::TakenOff,
            ),
            Actor::user($by),
        );
    }
}
