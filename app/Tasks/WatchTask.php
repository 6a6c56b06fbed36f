<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Access\Actor;
use App\Models\Access\User;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use OpenBaton\Core\Subject\TaskSubject;

/** Lets somebody watch a task, or watch it no longer. */
final readonly class WatchTask
{
    public function __construct(private EditTask $edit) {}

    public function __invoke(Task $task, Person $person, bool $on, User $by): Task
    {
        return ($this->edit)(
            $task->id,
            null,
            new Edit(
                $on ? 'watched' : 'unwatched',
                static fn(TaskSubject $subject): TaskSubject => $on
                    ? $subject->watchedBy([$person->slug])
                    : $subject->with(['watcherIds' => array_values(array_diff($subject->watcherIds, [$person->slug]))]),
            ),
            Actor::user($by),
        );
    }
}
