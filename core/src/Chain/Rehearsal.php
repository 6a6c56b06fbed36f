<?php

declare(strict_types=1);

namespace OpenBaton\Core\Chain;

use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Routing\Router;
use OpenBaton\Core\Subject\CaseFields;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\CustomerSubject;
use OpenBaton\Core\Subject\DoneTask;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\Work;

/**
 * What would come of chains, one after the other: each sees the house as those before it would have left it, and the
 * house itself stays as it is.
 */
final class Rehearsal implements Surroundings
{
    private readonly ChainWork $work;
    private Rotations $rotations;
    /** @var array<array-key, Subject> all as they would be by now, by id, the oldest first */
    private array $subjects = [];
    private int $made = 0;

    public function __construct(private readonly Router $router, private readonly Surroundings $house)
    {
        $this->work = new ChainWork($house);
        $this->rotations = new Rotations();
    }

    public function run(ChangeSet ...$changes): ChainResult
    {
        $result = (new Chain($this->router, $this))->run(...$changes);
        foreach ($result->links as $link) {
            $task = $link->change->task();
            if ($task !== null && $link->change->before !== $task) {
                $this->work->changed($link->change->taskBefore(), $task, $link->change->at);
            }
        }
        // In the order in which they came, as a house has them: a chain that is cut depends on it.
        $this->subjects = array_replace($this->subjects, $result->subjects);
        foreach ($result->rotations->byName as $rotation) {
            $this->rotations = $this->rotations->with($rotation);
        }

        return $result;
    }

    /**
     * It as it would be by now.
     *
     * @template T of Subject
     *
     * @param T $known
     *
     * @return T
     */
    public function subject(Subject $known): Subject
    {
        $now = $this->subjects[$known->id] ?? $known;
        $case = $now instanceof TaskSubject && $now->caseId !== null ? $this->subjects[$now->caseId] ?? null : null;
        if ($now instanceof TaskSubject && $case instanceof CaseSubject) {
            $now = $now->seeing(CaseFields::ofCase($case, $this->router->roster->house->zone()));
        }

        return $now instanceof $known ? $now : $known;
    }

    public function work(Needs $needs): Work
    {
        return $this->work->of($needs);
    }

    public function rotations(array $names): Rotations
    {
        $new = array_values(array_diff($names, array_map(strval(...), array_keys($this->rotations->byName))));
        foreach ($new === [] ? [] : $this->house->rotations($new)->byName as $rotation) {
            $this->rotations = $this->rotations->with($rotation);
        }

        return $this->rotations->only($names);
    }

    public function customer(string $id): ?CustomerSubject
    {
        $known = $this->subjects[$id] ?? $this->house->customer($id);

        return $known instanceof CustomerSubject ? $known : null;
    }

    public function ofCustomer(string $customerId): array
    {
        $work = array_filter(
            $this->subjects,
            static fn(Subject $one): bool => $one instanceof TaskSubject || $one instanceof CaseSubject,
        );

        return $this->byNow(
            [...$this->house->ofCustomer($customerId), ...array_values($work)],
            static fn(Subject $one): bool => $one->customerId === $customerId && $one->isOpen(),
        );
    }

    public function waitingOn(string $taskId): array
    {
        return $this->byNow(
            [...$this->house->waitingOn($taskId), ...$this->tasks()],
            static fn(TaskSubject $one): bool => $one->status === TaskStatus::Waiting &&
                in_array($taskId, $one->waitsOn, true),
        );
    }

    public function madeBy(string $id): array
    {
        return $this->byNow(
            [...$this->house->madeBy($id), ...array_values($this->subjects)],
            static fn(Subject $one): bool => $one->madeById === $id && $one->isOpen(),
        );
    }

    public function case(string $id): ?CaseSubject
    {
        $known = $this->subjects[$id] ?? $this->house->case($id);

        return $known instanceof CaseSubject ? $known : null;
    }

    public function ofCase(string $caseId): array
    {
        return $this->byNow(
            [...$this->house->ofCase($caseId), ...$this->tasks()],
            static fn(TaskSubject $one): bool => $one->caseId === $caseId && $one->isOpen(),
        );
    }

    public function approvals(string $caseId): array
    {
        return $this->house->approvals($caseId);
    }

    public function runsFinished(string $caseId, int $since): array
    {
        return $this->house->runsFinished($caseId, $since);
    }

    public function workersIn(string $caseId): array
    {
        return $this->house->workersIn($caseId);
    }

    public function doneWith(TaskSubject $task): array
    {
        return DoneTask::with($task, array_reverse($this->tasks()), $this->house->doneWith($task));
    }

    public function newId(string $madeById, int $number): string
    {
        return $this->house->newId($madeById, ++$this->made);
    }

    /** @return list<TaskSubject> as they would be by now */
    private function tasks(): array
    {
        return array_values(
            array_filter($this->subjects, static fn(Subject $one): bool => $one instanceof TaskSubject),
        );
    }

    /**
     * @template T of Subject
     *
     * @param list<T>           $known
     * @param callable(T): bool $fits
     *
     * @return list<T> as they would be by now, each once, those that fit
     */
    private function byNow(array $known, callable $fits): array
    {
        $found = [];
        foreach ($known as $one) {
            $one = $this->subject($one);
            if ($fits($one)) {
                $found[$one->id] = $one;
            }
        }

        return array_values($found);
    }
}
