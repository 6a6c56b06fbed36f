<?php

declare(strict_types=1);

namespace App\Sweeps;

use App\Bridge\ChangeRunner;
use App\Bridge\Houses;
use App\Bridge\LockedHouse;
use App\Bridge\Occasion;
use App\Bridge\TaskSubjects;
use App\Models\Rules\RotationAct;
use App\Models\Rules\RotationTurn;
use App\Models\Sweeps\SweepRun;
use App\Models\Sweeps\SweptState;
use App\Models\Sweeps\SweptTask;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Workload\TaskStatus;

/**
 * Takes back what a sweep and the rules that answered it have done on account of one task, where nobody has changed it
 * since: tasks are as they were, those that were made and not touched are dropped, turns are given back. What people
 * were told stays told.
 */
final readonly class UndoOne
{
    public function __construct(private Houses $houses, private TaskSubjects $subjects, private ChangeRunner $runner) {}

    public function __invoke(SweepRun $run, int $place, string $userId): void
    {
        DB::transaction(function () use ($run, $place, $userId): void {
            $locked = $this->houses->lock();
            $row = SweptTask::query()
                ->where('sweep_run_id', $run->id)
                ->where('place', $place)
                ->lockForUpdate()
                ->firstOrFail();
            if ($row->state !== SweptState::Carried) {
                return;
            }
            $undoing = Undoing::read($row->undo);
            $ids = [...array_map(strval(...), array_keys($undoing->tasks)), ...$undoing->made];
            /** @var Collection<int, Task> $tasks */
            $tasks = Task::query()->with(TaskSubjects::RELATIONS)->lockForUpdate()->findMany($ids);
            $at = CarbonImmutable::now()->getTimestamp();
            $whole = true;
            $changes = $rows = [];
            foreach ($tasks as $task) {
                $now = $this->subjects->of($task, $locked->house);
                $reversal = $undoing->tasks[$task->id] ?? null;
                $holder = $reversal?->heldBy();
                $hasLeft = $holder !== null && !($locked->house->snapshot->roster->people[$holder] ?? null)?->active;
                if ($hasLeft) {
                    $reversal = $reversal?->withoutHolder();
                }
                $after = $reversal === null ? self::dropped($task, $now) : $reversal->on($now);
                $whole = $whole && !$hasLeft && ($reversal === null ? $after !== $now : $reversal->left($now) === []);
                $after = $locked->house->router()->settled($after);
                if (!$after->equals($now)) {
                    $facts = $locked->house->router()->facts->of($now, $after, $at);
                    $id = "sweep-undone-{$run->id}-{$task->id}";
                    $changes[] = new ChangeSet($id, $at, $now, $after, $facts, Cause::Person);
                    $rows[$task->id] = $task;
                }
            }
            if ($changes !== []) {
                $this->runner->run(
                    $locked,
                    new Occasion($at, Cause::Person, 'sweep_undone', $userId, reason: $run->name),
                    $changes,
                    $rows,
                );
            }
            self::giveBack($undoing, $locked, $run, $userId);
            $row->put($whole ? SweptState::Undone : SweptState::Partly);
        }, attempts: 3);
    }

    /** A task that a rule made is dropped where nobody has touched it. */
    private static function dropped(Task $task, Subject $now): Subject
    {
        return $task->revision === 1 && $now->status === TaskStatus::New ? $now->inStatus(TaskStatus::Dropped) : $now;
    }

    private static function giveBack(Undoing $undoing, LockedHouse $locked, SweepRun $run, string $userId): void
    {
        $house = $locked->house->snapshot;
        foreach ($undoing->turns as ['rotation' => $name, 'seat' => $seat, 'weight' => $weight]) {
            $rotation = $locked->rotations->load([$name], $house)->named($name);
            if (!isset($rotation->passes[$seat])) {
                continue;
            }
            $stored = $locked->rotations->save($rotation->putBack(new Membership($seat, $weight)), $house);
            RotationTurn::query()->create([
                'rotation_id' => $stored->id,
                'at' => CarbonImmutable::now(),
                'kind' => RotationAct::PutBack,
                'person_id' => $house->idOf($seat),
                'passed_over' => [],
                'user_id' => $userId,
                'reason' => $run->name,
            ]);
        }
    }
}
