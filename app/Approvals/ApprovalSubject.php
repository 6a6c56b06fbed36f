<?php

declare(strict_types=1);

namespace App\Approvals;

use App\Bridge\DoneTasks;
use App\Bridge\HouseAt;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\Task;
use OpenBaton\Core\Flow\Approvers;
use OpenBaton\Core\Rulebook\FollowUp\AskApproval;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\TaskSubject;

/** What is to be approved, as it is under the lock, and who may not answer. */
final readonly class ApprovalSubject
{
    public function __construct(
        public Task|CustomerCase $row,
        public TaskSubject|CaseSubject $subject,
        private HouseAt $house,
    ) {}

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
