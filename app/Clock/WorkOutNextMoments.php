<?php

declare(strict_types=1);

namespace App\Clock;

use App\Bridge\Houses;
use App\Bridge\NextMoments;
use App\Bridge\TaskSubjects;
use App\Models\Tasks\Task;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Workload\TaskStatus;

/**
 * Works out for the tasks that are there when something next happens to each, since rules have been published or the
 * calendars have changed. Done twice, it does no more than once.
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

    public function handle(Houses $houses, TaskSubjects $subjects): void
    {
        $since = $this->since;
        Task::query()
            ->where('status', '<>', TaskStatus::Dropped)
            ->select('id')
            ->chunkById(self::PIECE, static function (Collection $ids) use ($houses, $subjects, $since): void {
                // Under the lock a task does not change between being read and being written.
                DB::transaction(static function () use ($ids, $houses, $subjects, $since): void {
                    $house = $houses->lock()->house;
                    $changed = [];
                    foreach (Task::query()->with(TaskSubjects::RELATIONS)->findMany($ids->modelKeys()) as $task) {
                        $next = NextMoments::of(
                            $house->timers(),
                            $subjects->of($task, $house),
                            $task,
                            $house->state->tickedAt,
                            $since,
                        );
                        if ($next?->getTimestamp() !== $task->next_moment_at?->getTimestamp()) {
                            $changed[(string) $next?->format('Y-m-d H:i:s')][] = $task->id;
                        }
                    }
                    foreach ($changed as $at => $tasks) {
                        Task::query()
                            ->whereKey($tasks)
                            ->update(['next_moment_at' => $at === '' ? null : $at]);
                    }
                }, attempts: 3);
            });
    }
}
