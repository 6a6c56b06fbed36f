<?php

declare(strict_types=1);

namespace App\Sweeps;

use App\Bridge\ChainSurroundings;
use App\Bridge\CustomerSource;
use App\Bridge\HouseAt;
use App\Bridge\Houses;
use App\Bridge\SubjectRows;
use App\Bridge\TaskSubjects;
use App\Models\Sweeps\SweepRun;
use App\Models\Sweeps\SweepState;
use App\Models\Sweeps\SweptTask;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Foundation\Bus\Dispatchable;
use OpenBaton\Core\Chain\Rehearsal;
use OpenBaton\Core\Sweep\Swept;
use OpenBaton\Core\Sweep\SweptState as ComesTo;

/**
 * Works out what a sweep would do with each of its tasks, one after the other, so that each counts in the load of the
 * next; nothing is changed by it. What is worked out is there at once.
 */
final class LookAtSweep implements ShouldQueue
{
    use Dispatchable;
    use Queueable;

    /** Tasks that are read in one round trip. */
    private const PIECE = 200;

    /** Tasks that a sweep may change. */
    public const MOST_CHANGED = 5_000;

    public int $tries = 3;

    public int $timeout = 600;

    public function __construct(private readonly string $runId)
    {
        $this->afterCommit();
    }

    /** It is not left as though it were under way. */
    public function failed(): void
    {
        SweepRun::query()->find($this->runId)?->stops(SweepState::Looking, 'failed');
    }

    public function handle(Houses $houses, ChosenTasks $chosen, SubjectRows $subjects, CustomerSource $customers): void
    {
        $run = SweepRun::query()->with('user')->find($this->runId);
        if ($run === null || $run->state !== SweepState::Looking) {
            return;
        }
        $house = $houses->now();
        $treatment = SweepTreatments::of($run, $house);
        // What a worker that died had looked at is looked at again: later tasks depend on it.
        $run->tasks()->delete();
        $ids = $treatment === null ? [] : $chosen->of($run);
        $run->update(['total' => count($ids), 'looked' => 0]);
        $rehearsal = new Rehearsal($house->router(), new ChainSurroundings($house, $subjects));
        $place = $changed = 0;
        $people = [];
        $why = $treatment === null ? 'gone' : null;
        foreach (array_chunk($ids, self::PIECE) as $piece) {
            $rows = [];
            $at = CarbonImmutable::now()->getTimestamp();
            foreach (self::read($piece, $house, $customers) as $task) {
                $subject = $rehearsal->subject($subjects->tasks->of($task, $house));
                $change = $treatment?->of($subject, "sweep-{$run->id}-{$task->id}", $at);
                if ($change !== null) {
                    $swept = Swept::of($change, $rehearsal->run($change));
                    $row = SweptRow::of($swept, $house->snapshot->catalogue);
                    $people += SweptRow::people($row);
                    $rows[] =
                        ['sweep_run_id' => $run->id, 'place' => ++$place, 'task_id' => $task->id] +
                        SweptRow::encoded($row);
                    $changed += $swept->state === ComesTo::Changes ? 1 : 0;
                }
            }
            SweptTask::query()->insert($rows);
            $run->looked += count($piece);
            SweepRun::query()
                ->whereKey($run->id)
                ->update(['looked' => $run->looked]);
            if (SweepRun::query()->whereKey($run->id)->value('state') !== SweepState::Looking) {
                return;
            }
            if ($changed >= self::MOST_CHANGED && $run->looked < $run->total) {
                $why = 'too_many';
                break;
            }
        }
        $run->goes(SweepState::Looking, SweepState::Looked, [
            'loads' => SweepLoads::of(array_map(strval(...), array_keys($people)), $rehearsal, $house),
            'why' => $why,
        ]);
    }

    /**
     * @param list<string> $ids
     *
     * @return list<Task> in the order of the ids
     */
    private static function read(array $ids, HouseAt $house, CustomerSource $customers): array
    {
        /** @var Collection<int, Task> $found */
        $found = Task::query()->with(TaskSubjects::RELATIONS)->whereKey($ids)->get();
        $slugs = array_filter(
            $found->map(static fn(Task $task): ?string => $task->customer?->slug)->all(),
            is_string(...),
        );
        $customers->prepare(array_values(array_unique($slugs)), $house);
        $byId = $found->keyBy('id');

        return array_values(array_filter(array_map(static fn(string $id): ?Task => $byId->get($id), $ids)));
    }
}
