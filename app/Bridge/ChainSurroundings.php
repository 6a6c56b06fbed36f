<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Database\Id;
use App\Models\Task;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Chain\Surroundings;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Workload\Work;

/** What a chain reads under the lock. */
final readonly class ChainSurroundings implements Surroundings
{
    public function __construct(private LockedInputs $inputs, private Snapshot $house, private TaskSubjects $subjects) {}

    public function work(Needs $needs): Work
    {
        return WorkReader::of($needs, $this->house);
    }

    public function rotations(array $names): Rotations
    {
        return $this->inputs->rotations->load($names, $this->house);
    }

    public function ofCustomer(string $customerId, string $exceptTaskId): array
    {
        $tasks = Task::query()->with(TaskSubjects::RELATIONS)->where('customer_id', $customerId)->whereKeyNot($exceptTaskId)->open()->orderBy('id')->get();

        return $this->subjects->all($tasks, $this->house, $this->inputs->state);
    }

    public function waitingOn(string $taskId): array
    {
        $tasks = Task::query()->with(TaskSubjects::RELATIONS)->whereHas('waitsOn', static fn(Builder $others): Builder => $others->where('task_waits.other_id', $taskId))->orderBy('id')->get();

        return $this->subjects->all($tasks, $this->house, $this->inputs->state);
    }

    public function madeBy(string $taskId): array
    {
        $tasks = Task::query()->with(TaskSubjects::RELATIONS)->where('made_by_id', $taskId)->open()->orderBy('id')->get();

        return $this->subjects->all($tasks, $this->house, $this->inputs->state);
    }

    public function newId(string $madeById, int $number): string
    {
        return Id::next();
    }
}
