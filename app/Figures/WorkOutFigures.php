<?php

declare(strict_types=1);

namespace App\Figures;

use App\Bridge\Snapshot;
use App\Bridge\SnapshotSource;
use App\Models\Concerns\WorksOutEachHour;
use App\Models\Figures\CountedFigures;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Figures\EndedTask;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\WorkingTime;
use OpenBaton\Core\Workload\TaskStatus;

/** Counts each hour, in the background, what came in and what ended in the last weeks. */
final class WorkOutFigures implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use WorksOutEachHour;

    /** Tasks that are read in one round trip. */
    private const PIECE = 1000;

    private const MARK = 'figures';

    public function handle(SnapshotSource $houses): void
    {
        $house = $houses->current();
        $now = CarbonImmutable::now();
        $zone = $house->roster->house->zone();
        $monday = $zone->dateAt($now->getTimestamp())->startOfWeek();
        $tallies = new FigureTallies($monday, new WorkingTime($house->roster->house));
        $since = CarbonImmutable::createFromTimestampUTC(
            $zone->instant(FigureTallies::first($monday, max(CountedFigures::WEEKS)), 0),
        );
        $teams = self::teamsOf($house);
        $day = static fn(CarbonImmutable $at): LocalDate => $zone->dateAt($at->getTimestamp());
        $this->each(
            Task::query()->where('arrived_at', '>=', $since),
            static fn(Task $task) => $tallies->arrived(
                $day($task->arrived_at),
                $house->kinds[(string) $task->task_kind_id]->slug ?? '',
                $teams($task),
            ),
        );
        $this->each(
            Task::query()->where('completed_at', '>=', $since),
            static fn(Task $task) => $task->completed_at === null
                ? null
                : $tallies->ended(
                    $day($task->completed_at),
                    $house->kinds[(string) $task->task_kind_id]->slug ?? '',
                    $teams($task),
                    new EndedTask(
                        $task->status === TaskStatus::Dropped,
                        $task->arrived_at->getTimestamp(),
                        $task->completed_at->getTimestamp(),
                        $task->started_at?->getTimestamp(),
                        $task->due_at?->getTimestamp(),
                    ),
                ),
        );
        DB::transaction(static function () use ($tallies, $now): void {
            CountedFigures::query()->delete();
            foreach ($tallies->rows() as $row) {
                CountedFigures::query()->create($row + ['at' => $now]);
            }
            // A house in which nothing ever came in has been counted, too.
            CountedFigures::query()->firstOrCreate(
                ['whose' => '', 'by' => 'all', 'weeks' => CountedFigures::WEEKS[0]],
                ['rows' => [], 'at' => $now],
            );
        }, attempts: 3);
    }

    /**
     * @param Builder<Task>          $tasks
     * @param callable(Task): mixed $do
     */
    private function each(Builder $tasks, callable $do): void
    {
        $tasks
            ->with('holdsWith:id')
            ->select([
                'tasks.id',
                'task_kind_id',
                'status',
                'assignee_id',
                'do_together',
                'arrived_at',
                'started_at',
                'completed_at',
                'due_at',
            ])
            ->chunkById(
                self::PIECE,
                static function (Collection $piece) use ($do): void {
                    foreach ($piece as $task) {
                        $do($task);
                    }
                },
                'tasks.id',
                'id',
            );
    }

    /** @return callable(Task): list<string> slugs of the teams of those who hold it, as the teams are now */
    private static function teamsOf(Snapshot $house): callable
    {
        $teams = [];
        foreach ($house->roster->teams as $team) {
            foreach (Membership::ids($team->members) as $slug) {
                $teams[$house->personIds[$slug]][] = $team->id;
            }
        }

        return static function (Task $task) use ($teams): array {
            $of = array_map(static fn(string $id): array => $teams[$id] ?? [], $task->holderIds());

            return array_values(array_unique(array_merge([], ...$of)));
        };
    }
}
