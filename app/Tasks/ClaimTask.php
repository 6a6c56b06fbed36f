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

/** Takes an open task; the first to claim it has it. */
final readonly class ClaimTask
{
    public function __construct(private EditTask $edit) {}

    public function __invoke(Task $task, Person $to, User $by): Task
    {
        return ($this->edit)(
            $task->id,
            null,
            new Edit(
                'claimed',
                static fn(TaskSubject $subject): TaskSubject => $subject->heldBy($to->slug),
                TaskAction::Claim,
                handoff: HandoffCause::Claim,
            ),
            Actor::user($by),
        );
    }
}
