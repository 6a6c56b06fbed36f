<?php

declare(strict_types=1);

namespace App\Approvals;

use App\Access\Actor;
use App\Bridge\Houses;
use App\Bridge\Occasion;
use App\Models\Approvals\Approval as Row;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\Task;
use App\Refusals\NotAnswered;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Flow\Approval;
use OpenBaton\Core\Flow\ApprovalRule;
use OpenBaton\Core\Subject\Cause;

/** Asks people, by hand, whether they approve of a task or a case. */
final readonly class AskForApproval
{
    public function __construct(private Houses $houses, private ApprovalSubjects $subjects, private CarryOn $carryOn) {}

    /**
     * @param list<string> $people  slugs, in order
     * @param string|null  $details what is said to them
     *
     * @throws NotAnswered where what is to be approved is closed, or one of the name is open
     */
    public function __invoke(
        Task|CustomerCase $what,
        string $name,
        ApprovalRule $rule,
        array $people,
        ?string $details,
        ?CarbonImmutable $latest,
        Actor $by,
    ): Row {
        return DB::transaction(function () use ($what, $name, $rule, $people, $details, $latest, $by): Row {
            $locked = $this->houses->lock();
            $asker = $locked->house->snapshot->personSlugs[(string) $by->user?->person?->id] ?? null;
            $of = $this->subjects->asked($what, $locked->house, $asker);
            if (!$of->subject->isOpen()) {
                throw NotAnswered::closed();
            }
            $column = $what instanceof Task ? 'task_id' : 'case_id';
            if (Row::query()->open()->where($column, $what->id)->where('name', $name)->exists()) {
                throw NotAnswered::openAlready($name);
            }
            $at = CarbonImmutable::now()->getTimestamp();
            $approval = Approval::ask($rule, $people, $of->approvers($at), $at, $latest?->getTimestamp());
            $row = new Row([
                $column => $what->id,
                'name' => $name,
                'details' => $details,
                'asked_by' => $by->user?->id,
            ]);
            ($this->carryOn)(
                $locked,
                $row,
                $of,
                $approval,
                new Occasion($at, Cause::Person, 'approval_asked', $by->user?->id, $by->system, $name),
            );

            return $row;
        }, attempts: 3);
    }
}
