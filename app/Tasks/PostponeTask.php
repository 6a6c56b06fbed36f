<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Access\Actor;
use App\Models\Access\User;
use App\Models\Tasks\Task;
use App\Refusals\TaskMovedOn;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Subject\TaskAction;
use OpenBaton\Core\Subject\TaskSubject;

/**
 * Not now: from a moment on. It stays with whoever has it, counts into their load from then on, and comes back to the
 * list of what is next by itself; or before, where they take it up.
 */
final readonly class PostponeTask
{
    public function __construct(private EditTask $edit) {}

    public function __invoke(Task $task, CarbonImmutable $to, ?string $word, User $by, ?int $seenRevision = null): Task
    {
        return ($this->edit)(
            $task->id,
            $seenRevision,
            new Edit(
                'postponed',
                static fn(TaskSubject $subject): TaskSubject => $subject->startingAt($to->getTimestamp()),
                TaskAction::Postpone,
                $word,
                besides: static function (Task $row) use ($word): void {
                    $row->postponed_for = $word;
                },
            ),
            Actor::user($by),
        );
    }

    /** @throws TaskMovedOn where it is not put off */
    public function takeUp(Task $task, User $by, ?int $seenRevision = null): Task
    {
        return ($this->edit)(
            $task->id,
            $seenRevision,
            new Edit(
                'taken_up',
                static fn(TaskSubject $subject): TaskSubject => $subject->isPostponed(now()->getTimestamp())
                    ? $subject->startingAt(null)
                    : throw TaskMovedOn::since($task->refresh()),
                TaskAction::TakeUp,
            ),
            Actor::user($by),
        );
    }
}
