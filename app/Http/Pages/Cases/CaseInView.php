<?php

declare(strict_types=1);

namespace App\Http\Pages\Cases;

use App\Bridge\ApprovalRows;
use App\Bridge\DoneTasks;
use App\Bridge\Snapshot;
use App\Models\Approvals\Approval;
use App\Models\Runsheets\Run;
use OpenBaton\Core\Flow\CaseRecords;
use OpenBaton\Core\Flow\NeededTask;

/** What is known of a case whose page is shown. */
final readonly class CaseInView implements CaseRecords
{
    /** @param list<NeededTask> $needed */
    public function __construct(private string $caseId, private array $needed, private Snapshot $house) {}

    public function needed(): array
    {
        return $this->needed;
    }

    public function approvals(): array
    {
        return ApprovalRows::latest(Approval::query()->where('case_id', $this->caseId)->get());
    }

    public function runsFinished(int $since): array
    {
        return Run::finishedOn($this->caseId, $since);
    }

    public function workers(): array
    {
        return DoneTasks::workersIn($this->caseId, $this->house);
    }
}
