<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Access\Actor;
use App\Models\Access\User;
use App\Models\Tasks\Task;
use App\Refusals\StillWaits;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\TaskAction;
use OpenBaton\Core\Workload\TaskStatus;

/** The assignee is done. */
final readonly class CompleteTask
{
    public function __construct(private EditTask $edit) {}

    /**
     * @param int|null $spentMinutes in all; null: as it stands
     * @param bool     $anyway       although tasks that it waits for are open
     *
     * @throws StillWaits where it waits for others and is not meant to be completed all the same
     */
    public function __invoke(
        Task $task,
        User $by,
        ?string $note = null,
        ?int $spentMinutes = null,
        ?int $seenRevision = null,
        bool $anyway = false,
    ): Task {
        return ($this->edit)(
            $task->id,
            $seenRevision,
            new Edit(
                'completed',
                static fn(Subject $subject): Subject => $anyway || $subject->waitsOn === []
                    ? $subject
                        ->inStatus(TaskStatus::Done)
                        ->with(['effort' => $subject->effort->spending($spentMinutes)])
                    : throw StillWaits::for($subject->waitsOn),
                TaskAction::Complete,
                besides: static function (Task $row) use ($note): void {
                    $row->outcome_note = $note;
                },
            ),
            Actor::user($by),
        );
    }
}
