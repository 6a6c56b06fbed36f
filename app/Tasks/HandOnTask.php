<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Access\Actor;
use App\Models\Access\User;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use App\Refusals\TaskMovedOn;
use OpenBaton\Core\Subject\TaskAction;
use OpenBaton\Core\Subject\TaskSubject;

/** Gives a task to somebody else, with a reason. */
final readonly class HandOnTask
{
    public function __construct(private EditTask $edit) {}

    public function __invoke(Task $task, Person $to, string $reason, User $by, ?int $seenRevision = null): Task
    {
        return ($this->edit)(
            $task->id,
            $seenRevision,
            new Edit(
                'handed_on',
                static function (TaskSubject $subject) use ($to, $task, $by): TaskSubject {
                    if ($subject->holderIds() === [$to->slug]) {
                        throw TaskMovedOn::since($task->refresh());
                    }
                    $own = (string) $by->person?->slug;

                    // One of several hands on their own part of it.
                    return $subject->sharing !== null && in_array($own, $subject->holderIds(), true)
                        ? $subject->passedBy($own, $to->slug)
                        : $subject->heldBy($to->slug);
                },
                TaskAction::HandOn,
                $reason,
            ),
            Actor::user($by),
        );
    }
}
