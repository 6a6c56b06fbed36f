<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Access\Actor;
use App\Models\Access\User;
use App\Models\Tasks\Task;
use OpenBaton\Core\Subject\TaskAction;
use OpenBaton\Core\Subject\TaskSubject;

/** Somebody else should do it: whoever has it says so, a lead finds it, and rules may answer. */
final readonly class MarkToHandOn
{
    public function __construct(private EditTask $edit) {}

    public function __invoke(Task $task, ?string $word, User $by, ?int $seenRevision = null): Task
    {
        return $this->put($task, true, $word, TaskAction::ToHandOn, $by, $seenRevision);
    }

    /** They do it after all. */
    public function off(Task $task, User $by, ?int $seenRevision = null): Task
    {
        return $this->put($task, false, null, TaskAction::Keep, $by, $seenRevision);
    }

    private function put(Task $task, bool $on, ?string $word, TaskAction $as, User $by, ?int $seen): Task
    {
        return ($this->edit)(
            $task->id,
            $seen,
            new Edit(
                $on ? 'to_hand_on' : 'kept',
                static fn(TaskSubject $subject): TaskSubject => $subject->with(['toHandOn' => $on]),
                $as,
                $word,
                besides: static function (Task $row) use ($word): void {
                    $row->to_hand_on_note = $word;
                },
            ),
            Actor::user($by),
        );
    }
}
