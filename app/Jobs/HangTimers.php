<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Bridge\HouseState;
use App\Bridge\NextMoments;
use App\Bridge\Routers;
use App\Bridge\SnapshotSource;
use App\Bridge\TaskSubjects;
use App\Models\RulebookVersion;
use App\Models\Task;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Workload\TaskStatus;

/** Works out for the tasks that are there when something next happens to each by the rules that have been published. Done twice, it does no more than once. */
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

    public function handle(SnapshotSource $snapshots, Routers $routers, TaskSubjects $subjects): void
    {
        $state = HouseState::read();
        $published = RulebookVersion::query()->find($this->versionId)?->published_at?->getTimestamp();
        if ($state->versionId !== $this->versionId || $published === null) {
            return;
        }
        Task::query()->where('status', '<>', TaskStatus::Dropped)->select('id')->chunkById(self::PIECE, static function (Collection $ids) use ($snapshots, $routers, $subjects, $published): void {
            // Under the lock a task does not change between being read and being written.
            DB::transaction(static function () use ($ids, $snapshots, $routers, $subjects, $published): void {
                $state = HouseState::lock();
                $house = $snapshots->at($state);
                $timers = $routers->timers($state, $house);
                $changed = [];
                foreach (Task::query()->with(TaskSubjects::RELATIONS)->findMany($ids->modelKeys()) as $task) {
                    // What fell due between the publishing and now is not past for the new rules.
                    $next = NextMoments::of($timers, $subjects->of($task, $house, $state), $task, $state->tickedAt, $published);
                    if ($next?->getTimestamp() !== $task->next_moment_at?->getTimestamp()) {
                        $changed[(string) $next?->format('Y-m-d H:i:s')][] = $task->id;
                    }
                }
                foreach ($changed as $at => $tasks) {
                    Task::query()->whereKey($tasks)->update(['next_moment_at' => $at === '' ? null : $at]);
                }
            }, attempts: 3);
        });
    }
}
