<?php

declare(strict_types=1);

namespace App\Bridge\Outside;

use App\Bridge\ApprovalRows;
use App\Bridge\LockedHouse;
use App\DomainEvents\About;
use App\DomainEvents\ApprovalBegun;
use App\DomainEvents\EventLog;
use App\Models\Approvals\Approval;
use App\Models\Tasks\Task;
use OpenBaton\Core\Subject\Effect\ApprovalAsked;
use OpenBaton\Core\Subject\Effect\ReachesOutside;
use OpenBaton\Core\Subject\Subject;

/** @implements OutsideRecorder<ApprovalAsked> */
final class RecordApproval implements OutsideRecorder
{
    public static function records(): string
    {
        return ApprovalAsked::class;
    }

    public function record(
        ReachesOutside $effect,
        Subject $of,
        LockedHouse $locked,
        EventLog $events,
        array $made,
    ): void {
        $about = About::subject($of);
        $row = Approval::query()->create([
            'task_id' => $about->taskId,
            'case_id' => $about->caseId,
            ...ApprovalRows::columns($effect->approval),
            // What is settled from the beginning is told to rules like all that is settled: by what goes on with it.
            'outcome' => null,
            'settled_at' => null,
            'name' => $effect->name,
            'details' => $effect->details,
            'rule' => $effect->ruleId,
        ]);
        foreach ($made as $change) {
            $place = $effect->placeOf($change);
            if ($place !== null) {
                Task::query()
                    ->whereKey($change->after->id)
                    ->update(['approval_id' => $row->id, 'approval_place' => $place]);
            }
        }
        if ($effect->approval->isSettled()) {
            $events->add($about, null, new ApprovalBegun($row->id));
        }
    }
}
