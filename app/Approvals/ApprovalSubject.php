<?php

declare(strict_types=1);

namespace App\Approvals;

use App\Bridge\DoneTasks;
use App\Bridge\HouseAt;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\Task;
use OpenBaton\Core\Flow\Approvers;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\TaskSubject;

/** What is to be approved, as it is under the lock, and who may not answer. */
final readonly class ApprovalSubject
{
    /** @param string|null $askerId who asks, by slug; null: a rule, or nobody of the house */
    public function __construct(
        public Task|CustomerCase $row,
        public TaskSubject|CaseSubject $subject,
        public HouseAt $house,
        private ?string $askerId,
    ) {}

    /** @param int $at instant */
    public function approvers(int $at): Approvers
    {
        $roster = $this->house->snapshot->roster;

        return new Approvers(
            $roster,
            array_values(
                array_filter(
                    [
                        $this->askerId,
                        ...$this->subject->lastHands(),
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
