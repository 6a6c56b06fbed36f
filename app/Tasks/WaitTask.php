<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Access\Actor;
use App\Models\Access\User;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Subject\TaskAction;
use OpenBaton\Core\Subject\TaskSubject;

/**
 * A task waits for something outside of our hands, until a moment, until another task is done with, or until somebody
 * goes on with it.
 */
final readonly class WaitTask
{
    public function __construct(private EditTask $edit) {}

    /** @param list<string> $on ids of other tasks */
    public function __invoke(
        Task $task,
        string $for,
        ?CarbonImmutable $until,
        User $by,
        ?int $seenRevision = null,
        array $on = [],
    ): Task {
        return ($this->edit)(
            $task->id,
            $seenRevision,
            new Edit(
                'waits',
                static fn(TaskSubject $subject): TaskSubject => $subject->waiting($for, $until?->getTimestamp(), $on),
                TaskAction::Wait,
                $for,
            ),
            Actor::user($by),
        );
    }
}
