<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Access\Actor;
use App\Models\Access\User;
use App\Models\Tasks\Task;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Subject\TaskSubject;

/** Says that two tasks go with each other, or no longer do; it stands in the history of both. */
final readonly class LinkTasks
{
    public function __construct(private EditTask $edit) {}

    public function __invoke(Task $task, Task $other, bool $on, User $by): void
    {
        DB::transaction(function () use ($task, $other, $on, $by): void {
            foreach ([[$task->id, $other->id], [$other->id, $task->id]] as [$one, $with]) {
                ($this->edit)(
                    $one,
                    null,
                    new Edit(
                        $on ? 'linked' : 'unlinked',
                        static fn(TaskSubject $subject): TaskSubject => $on
                            ? $subject->linkedTo($with)
                            : $subject->unlinkedFrom($with),
                    ),
                    Actor::user($by),
                );
            }
        }, attempts: 3);
    }
}
