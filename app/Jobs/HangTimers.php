<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Bridge\HouseState;
use App\Bridge\Routers;
use App\Bridge\SnapshotSource;
use App\Bridge\TaskSubjects;
use App\Bridge\TimerBook;
use App\Models\Task;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Workload\TaskStatus;

/** Hangs the timers of rules that have been published on the tasks that are there. Done twice, it does no more than once. */
final class HangTimers implements ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;
    use Queueable;

    private const PIECE = 200;

    public int $tries = 3;

    public function __construct(public readonly string $versionId)
    {
        $this->afterCommit();
    }

    public function handle(SnapshotSource $snapshots, Routers $routers, TaskSubjects $subjects, TimerBook $book): void
    {
        $state = HouseState::read();
        if ($state->versionId !== $this->versionId || $routers->timers($state, $snapshots->at($state))->all === []) {
            return;
        }
        Task::query()->where('status', '<>', TaskStatus::Dropped)->select('id')->chunkById(self::PIECE, static function (Collection $ids) use ($snapshots, $routers, $subjects, $book): void {
            // Under the lock a task does not change between being read and what hangs on it.
            DB::transaction(static function () use ($ids, $snapshots, $routers, $subjects, $book): void {
                $state = HouseState::lock();
                $house = $snapshots->at($state);
                $tasks = Task::query()->with(TaskSubjects::RELATIONS)->findMany($ids->modelKeys());
                $book->put(
                    $routers->timers($state, $house),
                    $subjects->all($tasks, $house, $state),
                    array_values($tasks->map(static fn(Task $task): string => $task->id)->all()),
                    $state->tickedAt,
                );
            }, attempts: 3);
        });
    }
}
