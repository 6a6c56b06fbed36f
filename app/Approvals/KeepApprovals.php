<?php

declare(strict_types=1);

namespace App\Approvals;

use App\DomainEvents\ApprovalBegun;
use App\DomainEvents\EventConsumer;
use App\DomainEvents\WorkEnded;
use App\Models\Approvals\Approval;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;

/**
 * Settles approvals that nobody has answered: what was to be approved is closed, a task of theirs was dropped by
 * somebody else, or their latest moment has come.
 */
final readonly class KeepApprovals implements EventConsumer
{
    private const MOST = 200;

    public function __construct(private EndApproval $end) {}

    public static function name(): string
    {
        return 'approvals';
    }

    public static function kinds(): array
    {
        return [WorkEnded::class, ApprovalBegun::class];
    }

    public function consume(array $events): void
    {
        $tasks = $cases = $begun = [];
        foreach ($events as $one) {
            if ($one->event instanceof ApprovalBegun) {
                $begun[] = $one->event->approvalId;
            } else {
                $tasks[] = $one->about->taskId;
                $cases[] = $one->about->caseId;
            }
        }
        $this->settle(
            Approval::query()->open()->where(
                static fn(Builder $any): Builder => $any
                    ->whereKey($begun)
                    ->orWhereIn('task_id', array_filter($tasks))
                    ->orWhereIn('case_id', array_filter($cases))
                    ->orWhereIn(
                        'id',
                        Task::query()
                            ->whereKey(array_filter($tasks))
                            ->whereNotNull('approval_id')
                            ->select('approval_id'),
                    ),
            ),
        );
    }

    /** Those whose latest moment has come. */
    public function __invoke(CarbonImmutable $now): void
    {
        $this->settle(Approval::query()->open()->where('latest_at', '<=', $now)->limit(self::MOST));
    }

    /** @param Builder<Approval> $approvals */
    private function settle(Builder $approvals): void
    {
        foreach ($approvals->orderBy('id')->get(['id']) as $approval) {
            $this->end->settle($approval->id);
        }
    }
}
