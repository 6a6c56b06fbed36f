<?php

declare(strict_types=1);

namespace App\Approvals;

use App\Bridge\CaseSubjects;
use App\Bridge\DoneTasks;
use App\Bridge\HouseAt;
use App\Bridge\TaskSubjects;
use App\Models\Approvals\Approval;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\Task;
use OpenBaton\Core\Flow\Approvers;
use OpenBaton\Core\Rulebook\FollowUp\AskApproval;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\TaskSubject;

/** What is to be approved, as it is under the lock, and who may not answer. */
final readonly class ApprovalSubject
{
    private function __construct(
        public Task|CustomerCase $row,
        public TaskSubject|CaseSubject $subject,
        private HouseAt $house,
    ) {}

    public static function of(Approval $approval, HouseAt $house): self
    {
        return $approval->case_id === null
            ? self::task(
                Task::query()->with(TaskSubjects::RELATIONS)->lockForUpdate()->findOrFail($approval->task_id),
                $house,
            )
            : self::matter(
                CustomerCase::query()->with(CaseSubjects::RELATIONS)->lockForUpdate()->findOrFail($approval->case_id),
                $house,
            );
    }

    /** @param Task $row with TaskSubjects::RELATIONS, locked */
    public static function task(Task $row, HouseAt $house): self
    {
        return new self($row, app(TaskSubjects::class)->of($row, $house), $house);
    }

    /** @param CustomerCase $row with CaseSubjects::RELATIONS, locked */
    public static function matter(CustomerCase $row, HouseAt $house): self
    {
        return new self($row, app(CaseSubjects::class)->of($row, $house), $house);
    }

    /**
     * @param int         $at      instant
     * @param string|null $askerId who asks, by slug
     */
    public function approvers(int $at, ?string $askerId): Approvers
    {
        $roster = $this->house->snapshot->roster;

        return new Approvers(
            $roster,
            array_values(
                array_filter(
                    [
                        $askerId,
                        ...AskApproval::holders($this->subject),
                        ...$this->subject instanceof CaseSubject
                            ? DoneTasks::workersIn($this->subject->id, $this->house->snapshot)
                            : [],
                    ],
                    is_string(...),
                ),
            ),
            $at,
            $this->house->router()->facts->of(null, $this->subject, $at),
        );
    }
}
