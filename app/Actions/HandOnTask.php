<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Person;
use App\Models\Task;
use App\Models\User;
use App\Refusals\TaskMovedOn;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\TaskAction;

/** Gives a task to somebody else, with a reason. */
final readonly class HandOnTask
{
    public function __construct(private EditTask $edit) {}

    public function __invoke(Task $task, Person $to, string $reason, User $by, ?int $seenRevision = null): Task
    {
        return ($this->edit)($task->id, $seenRevision, new Edit('handed_on', static function (Subject $subject) use ($to, $task): Subject {
            if ($subject->holderId === $to->slug) {
                throw TaskMovedOn::since($task->refresh());
            }

            return $subject->heldBy($to->slug);
        }, TaskAction::HandOn, $reason), Actor::user($by));
    }
}
