<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Bridge\ChangeRunner;
use App\Bridge\LockedHouse;
use App\Bridge\Occasion;
use App\Bridge\TaskSubjects;
use App\Models\Rules\RotationAct;
use App\Models\Rules\RotationTurn;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\TaskStatus;

/**
 * Takes back what a chain has done, where nobody has changed it since: tasks are as they were, those that were made and
 * not touched are dropped, turns are given back. What people were told stays told.
 */
final readonly class PutBack
{
    public function __construct(private TaskSubjects $subjects, private ChangeRunner $runner) {}

    /**
     * @param string $id unique, of what happens by it
     *
     * @return bool whether all of it is as it was
     */
    public function __invoke(Undoing $undoing, LockedHouse $locked, Occasion $occasion, string $id): bool
    {
        $ids = [...array_map(strval(...), array_keys($undoing->tasks)), ...$undoing->made];
        /** @var Collection<int, Task> $tasks */
        $tasks = Task::query()->with(TaskSubjects::RELATIONS)->lockForUpdate()->findMany($ids);
        $router = $locked->house->router();
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
            $after = $router->settled($after);
            if (!$after->equals($now)) {
                $facts = $router->facts->of($now, $after, $occasion->at);
                $changes[] = new ChangeSet("{$id}-{$task->id}", $occasion->at, $now, $after, $facts, $occasion->cause);
                $rows[$task->id] = $task;
            }
        }
        if ($changes !== []) {
            $this->runner->run($locked, $occasion, $changes, $rows);
        }
        self::giveTurnsBack($undoing, $locked, $occasion);

        return $whole;
    }

    /** A task that a rule made is dropped where nobody has touched it. */
    private static function dropped(Task $task, TaskSubject $now): TaskSubject
    {
        return $task->revision === 1 && $now->status === TaskStatus::New ? $now->inStatus(TaskStatus::Dropped) : $now;
    }

    private static function giveTurnsBack(Undoing $undoing, LockedHouse $locked, Occasion $occasion): void
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
                'user_id' => $occasion->userId,
                'reason' => $occasion->reason,
            ]);
        }
    }
}
