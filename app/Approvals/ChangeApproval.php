<?php

declare(strict_types=1);

namespace App\Approvals;

use App\Bridge\ApprovalRows;
use App\Bridge\HouseAt;
use App\Bridge\Houses;
use App\Bridge\Occasion;
use App\Models\Approvals\Approval as Row;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Flow\Approval;

/** Changes an approval under the lock, as it is there: who answers for a place is whoever holds its task by now. */
final readonly class ChangeApproval
{
    public function __construct(private Houses $houses, private ApprovalSubjects $subjects, private CarryOn $carryOn) {}

    /**
     * @param Closure(Approval, ApprovalSubject, int): Approval $change with the instant of now
     * @param Closure(int): Occasion                          $occasion of that instant
     */
    public function __invoke(string $approvalId, Closure $change, Closure $occasion): Row
    {
        return DB::transaction(function () use ($approvalId, $change, $occasion): Row {
            $locked = $this->houses->lock();
            $row = Row::query()->lockForUpdate()->findOrFail($approvalId);
            $of = $this->subjects->of($row, $locked->house);
            $at = CarbonImmutable::now()->getTimestamp();
            $before = ApprovalRows::read($row)->answeredBy(self::holders($row, $locked->house));
            $after = $change($before, $of, $at);
            // What a rule has asked may be settled from the beginning, and nothing has come of that yet.
            if ($after !== $before || ($after->isSettled() && $row->outcome === null)) {
                ($this->carryOn)($locked, $row, $of, $after, $occasion($at));
            }

            return $row;
        }, attempts: 3);
    }

    /** @return array<int, string> slugs of those who hold the tasks of it, by place */
    private static function holders(Row $row, HouseAt $house): array
    {
        $holders = [];
        foreach ($row->tasks()->open()->whereNotNull('assignee_id')->get() as $task) {
            $slug = $house->snapshot->personSlugs[(string) $task->assignee_id] ?? null;
            $holders += $slug === null ? [] : [(int) $task->approval_place => $slug];
        }

        return $holders;
    }
}
