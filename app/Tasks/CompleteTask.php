<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Access\Actor;
use App\Bridge\Snapshot;
use App\Models\Access\User;
use App\Models\Tasks\Task;
use App\Refusals\NotYetComplete;
use App\Refusals\StillWaits;
use OpenBaton\Core\Subject\TaskAction;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\TaskStatus;

/** The assignee is done. */
final readonly class CompleteTask
{
    public function __construct(private EditTask $edit, private Completing $completing) {}

    /**
     * @param int|null $spentMinutes in all; null: as it stands
     * @param bool     $anyway       although tasks that it waits for are open
     *
     * @throws NotYetComplete where its kind asks for what is not there
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
                function (TaskSubject $subject, Snapshot $house) use ($note, $spentMinutes, $anyway): TaskSubject {
                    if (!$anyway && $subject->waitsOn !== []) {
                        throw StillWaits::for($subject->waitsOn);
                    }
                    $this->completing->check($subject, $note, $house);

                    return $subject
                        ->inStatus(TaskStatus::Done)
                        ->with(['effort' => $subject->effort->spending($spentMinutes)]);
                },
                TaskAction::Complete,
                besides: static function (Task $row) use ($note): void {
                    $row->outcome_note = $note;
                },
            ),
            Actor::user($by),
        );
    }
}
