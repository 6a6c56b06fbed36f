<?php

declare(strict_types=1);

namespace App\Approvals;

use App\Bridge\CaseSubjects;
use App\Bridge\HouseAt;
use App\Bridge\TaskSubjects;
use App\Models\Approvals\Approval;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\Task;

/** What approvals are about, read and locked within the transaction that changes them. */
final readonly class ApprovalSubjects
{
    public function __construct(private TaskSubjects $tasks, private CaseSubjects $cases) {}

    public function of(Approval $approval, HouseAt $house): ApprovalSubject
    {
        $asker = $approval->asker?->person?->slug;

        return $approval->case_id === null
            ? $this->task((string) $approval->task_id, $house, $asker)
            : $this->matter($approval->case_id, $house, $asker);
    }

    /** @param string|null $askerId who asks, by slug */
    public function asked(Task|CustomerCase $what, HouseAt $house, ?string $askerId): ApprovalSubject
    {
        return $what instanceof Task
            ? $this->task($what->id, $house, $askerId)
            : $this->matter($what->id, $house, $askerId);
    }

    private function task(string $id, HouseAt $house, ?string $askerId): ApprovalSubject
    {
        $row = Task::query()->with(TaskSubjects::RELATIONS)->lockForUpdate()->findOrFail($id);

        return new ApprovalSubject($row, $this->tasks->of($row, $house), $house, $askerId);
    }

    private function matter(string $id, HouseAt $house, ?string $askerId): ApprovalSubject
    {
        $row = CustomerCase::query()->with(CaseSubjects::RELATIONS)->lockForUpdate()->findOrFail($id);

        return new ApprovalSubject($row, $this->cases->of($row, $house), $house, $askerId);
    }
}
