<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Database\Id;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Chain\Surroundings;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Workload\Work;

/** What a chain reads under the lock. */
final readonly class ChainSurroundings implements Surroundings
{
    public function __construct(private LockedHouse $locked, private TaskSubjects $subjects) {}

    public function work(Needs $needs): Work
    {
        return WorkReader::of($needs, $this->locked->house->snapshot);
    }

    public function rotations(array $names): Rotations
    {
        return $this->locked->rotations->load($names, $this->locked->house->snapshot);
    }

    public function ofCustomer(string $customerId, string $exceptTaskId): array
    {
        $tasks = Task::query()
            ->with(TaskSubjects::RELATIONS)
            ->where('customer_id', $customerId)
            ->whereKeyNot($exceptTaskId)
            ->open()
            ->orderBy('id')
            ->get();

        return $this->subjects->all($tasks, $this->locked->house);
    }

    public function waitingOn(string $taskId): array
    {
        $tasks = Task::query()
            ->with(TaskSubjects::RELATIONS)
            ->whereHas('waitsOn', static fn(Builder $others): Builder => $others->where('task_waits.other_id', $taskId))
            ->orderBy('id')
            ->get();

        return $this->subjects->all($tasks, $this->locked->house);
    }

    public function madeBy(string $taskId): array
    {
        $tasks = Task::query()
            ->with(TaskSubjects::RELATIONS)
            ->where('made_by_id', $taskId)
            ->open()
            ->orderBy('id')
            ->get();

        return $this->subjects->all($tasks, $this->locked->house);
    }

    public function newId(string $madeById, int $number): string
    {
        return Id::next();
    }
}
