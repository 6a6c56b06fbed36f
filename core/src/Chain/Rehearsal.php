<?php

declare(strict_types=1);

namespace OpenBaton\Core\Chain;

use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Routing\Router;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\DoneTask;
use OpenBaton\Core\Subject\Subject;
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
    /** @var array<array-key, Subject> tasks as they would be by now, by id, the oldest first */
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
            if ($link->change->before !== $link->change->after) {
                $this->work->changed($link->change->before, $link->change->after, $link->change->at);
            }
        }
        // In the order in which they came, as a house has them: a chain that is cut depends on it.
        $this->subjects = array_replace($this->subjects, $result->subjects);
        foreach ($result->rotations->byName as $rotation) {
            $this->rotations = $this->rotations->with($rotation);
        }

        return $result;
    }

    /** A task as it would be by now. */
    public function subject(Subject $known): Subject
    {
        return $this->subjects[$known->id] ?? $known;
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

    public function ofCustomer(string $customerId, string $exceptTaskId): array
    {
        return $this->byNow(
            $this->house->ofCustomer($customerId, $exceptTaskId),
            static fn(Subject $one): bool => $one->customerId === $customerId &&
                $one->id !== $exceptTaskId &&
                $one->status->isOpen(),
        );
    }

    public function waitingOn(string $taskId): array
    {
        return $this->byNow(
            $this->house->waitingOn($taskId),
            static fn(Subject $one): bool => $one->status === TaskStatus::Waiting &&
                in_array($taskId, $one->waitsOn, true),
        );
    }

    public function madeBy(string $taskId): array
    {
        return $this->byNow(
            $this->house->madeBy($taskId),
            static fn(Subject $one): bool => $one->madeById === $taskId && $one->status->isOpen(),
        );
    }

    public function doneWith(Subject $task): array
    {
        return DoneTask::with($task, array_reverse($this->subjects), $this->house->doneWith($task));
    }

    public function newId(string $madeById, int $number): string
    {
        return $this->house->newId($madeById, ++$this->made);
    }

    /**
     * @param list<Subject>           $there
     * @param callable(Subject): bool $fits
     *
     * @return list<Subject>
     */
    private function byNow(array $there, callable $fits): array
    {
        $found = [];
        foreach ([...$there, ...array_values($this->subjects)] as $one) {
            $one = $this->subject($one);
            if ($fits($one)) {
                $found[$one->id] = $one;
            }
        }

        return array_values($found);
    }
}
