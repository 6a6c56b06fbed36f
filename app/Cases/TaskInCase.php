<?php

declare(strict_types=1);

namespace App\Cases;

use App\Access\Actor;
use App\Bridge\CaseSubjects;
use App\Bridge\Houses;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\Task;
use App\Refusals\CaseMovedOn;
use App\Tasks\Edit;
use App\Tasks\EditTask;
use OpenBaton\Core\Subject\TaskSubject;

/** Puts a task into a case, or takes it out of the one that it is in. */
final readonly class TaskInCase
{
    public function __construct(private EditTask $edit, private CaseSubjects $cases, private Houses $houses) {}

    /**
     * @param bool $needed for the stage in which the case stands
     *
     * @throws CaseMovedOn where the case is closed by now
     */
    public function put(Task $task, CustomerCase $case, bool $needed, Actor $by): Task
    {
        return ($this->edit)(
            $task->id,
            null,
            new Edit('into_case', function (TaskSubject $subject) use ($case, $needed): TaskSubject {
                // Under the lock: it may have moved, or been closed, since it was looked at.
                $row = CustomerCase::query()->with(CaseSubjects::RELATIONS)->lockForUpdate()->findOrFail($case->id);

                return $row->isOpen()
                    ? $subject
                        ->inCase($row->id, $row->stage, $needed)
                        ->seeing($this->cases->seen($row, $this->houses->now()))
                    : throw CaseMovedOn::since($row);
            }),
            $by,
        );
    }

    public function takeOut(Task $task, Actor $by): Task
    {
        return ($this->edit)(
            $task->id,
            null,
            new Edit(
                'out_of_case',
                static fn(TaskSubject $subject): TaskSubject => $subject->inCase(null, null, false)->seeing([]),
            ),
            $by,
        );
    }
}
