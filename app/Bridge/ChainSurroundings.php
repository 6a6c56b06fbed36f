<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Database\Id;
use App\Models\Approvals\Approval;
use App\Models\Runsheets\Run;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Chain\Surroundings;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\CustomerSubject;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\Work;

/** What a chain reads: under the lock, or of the house as it is seen without one, where nothing is written. */
final readonly class ChainSurroundings implements Surroundings
{
    /** @param RotationStore|null $locked null: they are read without a lock */
    public function __construct(
        private HouseAt $house,
        private SubjectRows $rows,
        private ?RotationStore $locked = null,
    ) {}

    public function work(Needs $needs): Work
    {
        return WorkReader::of($needs, $this->house->snapshot);
    }

    public function rotations(array $names): Rotations
    {
        return $this->locked === null
            ? RotationStore::read($names, $this->house->snapshot)
            : $this->locked->load($names, $this->house->snapshot);
    }

    public function customer(string $id): ?CustomerSubject
    {
        return $this->rows->customers->find($id, $this->house);
    }

    public function ofCustomer(string $customerId): array
    {
        $tasks = SubjectRows::tasks()->where('customer_id', $customerId)->open()->orderBy('id')->get();
        $cases = SubjectRows::cases()->where('customer_id', $customerId)->open()->orderBy('id')->get();

        return [...$this->rows->tasks->all($tasks, $this->house), ...$this->rows->cases->all($cases, $this->house)];
    }

    public function waitingOn(string $taskId): array
    {
        $tasks = SubjectRows::tasks()
            ->whereHas('waitsOn', static fn(Builder $others): Builder => $others->where('task_waits.other_id', $taskId))
            ->orderBy('id')
            ->get();

        return $this->rows->tasks->all($tasks, $this->house);
    }

    public function madeBy(string $id): array
    {
        $tasks = SubjectRows::tasks()
            ->whereAny(['made_by_id', 'made_by_case_id', 'made_by_other'], $id)
            ->open()
            ->orderBy('id')
            ->get();
        $cases = SubjectRows::cases()->where('made_by_id', $id)->open()->orderBy('id')->get();

        return [...$this->rows->tasks->all($tasks, $this->house), ...$this->rows->cases->all($cases, $this->house)];
    }

    public function case(string $id): ?CaseSubject
    {
        $case = SubjectRows::cases()->find($id);

        return $case === null ? null : $this->rows->cases->of($case, $this->house);
    }

    public function ofCase(string $caseId): array
    {
        $tasks = SubjectRows::tasks()->where('case_id', $caseId)->open()->orderBy('id')->get();

        return $this->rows->tasks->all($tasks, $this->house);
    }

    public function approvals(string $caseId): array
    {
        return ApprovalRows::latest(Approval::query()->where('case_id', $caseId)->get());
    }

    public function runsFinished(string $caseId, int $since): array
    {
        return Run::finishedOn($caseId, $since);
    }

    public function workersIn(string $caseId): array
    {
        return DoneTasks::workersIn($caseId, $this->house->snapshot);
    }

    public function doneWith(TaskSubject $task): array
    {
        return DoneTasks::with([$task], $this->house->snapshot)[$task->id];
    }

    public function newId(string $madeById, int $number): string
    {
        return Id::next();
    }
}
