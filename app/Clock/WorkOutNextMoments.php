<?php

declare(strict_types=1);

namespace App\Clock;

use App\Bridge\CaseSubjects;
use App\Bridge\CustomerSubjects;
use App\Bridge\Houses;
use App\Bridge\NextMoments;
use App\Bridge\SubjectRows;
use App\Bridge\TaskSubjects;
use App\Models\Cases\CustomerCase;
use App\Models\Customers\Customer;
use App\Models\Tasks\Task;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Workload\TaskStatus;

/**
 * Works out for the tasks, cases and customers that are there when something next happens to each, since rules have
 * been published or the calendars have changed. Done twice, it does no more than once.
 */
final class WorkOutNextMoments implements ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;
    use Queueable;

    private const PIECE = 200;

    public int $tries = 3;

    /** @param int $since instant of the change: what fell due between it and now is not past */
    public function __construct(public readonly int $since)
    {
        $this->afterCommit();
    }

    public function handle(Houses $houses, SubjectRows $subjects): void
    {
        $tasks = static fn(): Builder => SubjectRows::tasks()->where('status', '<>', TaskStatus::Dropped);
        $cases = static fn(): Builder => SubjectRows::cases()->open();
        $customers = static fn(): Builder => SubjectRows::customers()->offered();
        foreach ([$tasks, $cases, $customers] as $query) {
            $query()
                ->without([...TaskSubjects::RELATIONS, ...CaseSubjects::RELATIONS, ...CustomerSubjects::RELATIONS])
                ->select('id')
                ->chunkById(self::PIECE, function (Collection $ids) use ($houses, $subjects, $query): void {
                    $this->piece($query()->whereKey($ids->modelKeys()), $houses, $subjects);
                });
        }
    }

    /**
     * Under the lock nothing changes between being read and being written.
     *
     * @param Builder<Task>|Builder<CustomerCase>|Builder<Customer> $rows
     */
    private function piece(Builder $rows, Houses $houses, SubjectRows $subjects): void
    {
        DB::transaction(function () use ($rows, $houses, $subjects): void {
            $house = $houses->lock()->house;
            $changed = [];
            foreach ($rows->clone()->get() as $row) {
                $next = NextMoments::of(
                    $house->timers(),
                    $subjects->subject($row, $house),
                    $row->next_moment_at,
                    $house->state->tickedAt,
                    $this->since,
                );
                if ($next?->getTimestamp() !== $row->next_moment_at?->getTimestamp()) {
                    $changed[(string) $next?->format('Y-m-d H:i:s')][] = $row->id;
                }
            }
            foreach ($changed as $at => $ids) {
                $rows
                    ->clone()
                    ->whereKey($ids)
                    ->update(['next_moment_at' => $at === '' ? null : $at]);
            }
        }, attempts: 3);
    }
}
