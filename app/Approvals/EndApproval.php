<?php

declare(strict_types=1);

namespace App\Approvals;

use App\Access\Actor;
use App\Bridge\Occasion;
use App\DomainEvents\About;
use App\DomainEvents\ApproverReminded;
use App\DomainEvents\EventLog;
use App\Models\Approvals\Approval as Row;
use App\Models\Tasks\Task;
use App\Refusals\NotAnswered;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Flow\Approval;
use OpenBaton\Core\Subject\Cause;

/** What ends an approval without an answer, and what reminds of it. */
final readonly class EndApproval
{
    public function __construct(private ChangeApproval $change) {}

    /** @throws NotAnswered where it is settled */
    public function withdraw(Row $approval, ?string $reason, Actor $by): Row
    {
        return ($this->change)(
            $approval->id,
            static fn(Approval $one, ApprovalSubject $of, int $at): Approval => $one->isSettled()
                ? throw NotAnswered::notAsked()
                : $one->withdraw($at),
            static fn(int $at): Occasion => new Occasion(
                $at,
                Cause::Person,
                'approval_withdrawn',
                $by->user?->id,
                $by->system,
                $reason,
            ),
        );
    }

    /** Whether its latest moment has come, or what is to be approved is closed; or some of its tasks are over. */
    public function settle(string $approvalId): void
    {
        ($this->change)(
            $approvalId,
            static function (Approval $one, ApprovalSubject $of, int $at) use ($approvalId): Approval {
                $over = Task::query()->where('approval_id', $approvalId)->whereNotNull('completed_at')->get();

                return $one->unanswered(
                    $of->subject->isOpen(),
                    array_values($over->map(static fn(Task $task): int => (int) $task->approval_place)->all()),
                    $at,
                );
            },
            static fn(int $at): Occasion => new Occasion($at, Cause::Timer, 'approval_over'),
        );
    }

    /** Whoever is asked now, and has not answered, is told so. */
    public function remind(Row $approval, Actor $by): void
    {
        DB::transaction(static function () use ($approval, $by): void {
            $events = new EventLog(CarbonImmutable::now()->getTimestamp());
            foreach ($approval->tasks()->open()->whereNotNull('assignee_id')->get() as $task) {
                $events->add(
                    About::task($task->id),
                    $by->user?->id,
                    new ApproverReminded((string) $task->assignee_id, $approval->name),
                );
            }
            $events->save();
        }, attempts: 3);
    }
}
