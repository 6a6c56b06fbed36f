<?php

declare(strict_types=1);

namespace OpenBaton\Core\Chain;

use LogicException;
use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\CustomerSubject;
use OpenBaton\Core\Subject\DoneTask;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\Work;

/** A chain while it is carried out. */
final class ChainState
{
    /** @var list<Link> */
    private array $links = [];
    private int $settled = 0;
    /** @var array<array-key, Subject> by id: every one that the chain touched, as it is by now */
    private array $subjects = [];
    private readonly ChainWork $work;
    /** @var array<array-key, array<array-key, true>> ids of rules by subject */
    private array $acted = [];
    private readonly ChainRotations $rotations;
    private int $made = 0;
    private ?Cut $cut = null;
    private bool $ended = false;

    public readonly SeenInChain $seen;

    public function __construct(public readonly Surroundings $surroundings)
    {
        $this->seen = new SeenInChain();
        $this->work = new ChainWork($surroundings);
        $this->rotations = new ChainRotations($surroundings);
    }

    public function hasRoomFor(int $changes): bool
    {
        return count($this->links) + $changes <= Chain::MOST_CHANGES;
    }

    public function queue(ChangeSet $change, int $generation, ?int $causedBy): void
    {
        $this->subjects[$change->after->id] = $change->after;
        if ($change->after instanceof TaskSubject && $change->before !== $change->after) {
            $this->work->changed($change->taskBefore(), $change->after, $change->at);
        }
        $this->links[] = new Link($change, $generation, $causedBy);
    }

    /** @return int|null the number of the next link; null: all are settled */
    public function next(): ?int
    {
        return !$this->ended && $this->settled < count($this->links) ? $this->settled++ : null;
    }

    public function link(int $number): Link
    {
        return $this->links[$number];
    }

    /**
     * It as it is by now.
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

        return $now instanceof $known ? $this->seen->on($now) : throw new LogicException('Two subjects have one id.');
    }

    /** @return list<TaskSubject> that the chain touched, as they are by now */
    private function tasks(): array
    {
        return array_values(
            array_filter($this->subjects, static fn(Subject $one): bool => $one instanceof TaskSubject),
        );
    }

    /** The case as it is by now. */
    public function case(string $id): ?CaseSubject
    {
        $known = $this->subjects[$id] ?? $this->surroundings->case($id);

        return $known instanceof CaseSubject ? $this->subject($known) : null;
    }

    /** The customer as it is by now. */
    public function customer(string $id): ?CustomerSubject
    {
        $known = $this->subjects[$id] ?? $this->surroundings->customer($id);

        return $known instanceof CustomerSubject ? $known : null;
    }

    /** @return list<TaskSubject|CaseSubject> what is open for a customer, as it is by now */
    public function ofCustomer(string $customerId): array
    {
        $work = array_filter(
            $this->subjects,
            static fn(Subject $one): bool => $one instanceof TaskSubject || $one instanceof CaseSubject,
        );

        return $this->byNow(
            [...$this->surroundings->ofCustomer($customerId), ...array_values($work)],
            static fn(Subject $one): bool => $one->customerId === $customerId && $one->isOpen(),
        );
    }

    /** @return list<TaskSubject> the open tasks in a case, as they are by now */
    public function ofCase(string $caseId): array
    {
        return $this->byNow(
            [...$this->surroundings->ofCase($caseId), ...$this->tasks()],
            static fn(TaskSubject $one): bool => $one->caseId === $caseId && $one->isOpen(),
        );
    }

    /** @return list<TaskSubject> */
    public function waitingOn(string $taskId): array
    {
        return $this->byNow(
            [...$this->surroundings->waitingOn($taskId), ...$this->tasks()],
            static fn(TaskSubject $one): bool => $one->status === TaskStatus::Waiting &&
                in_array($taskId, $one->waitsOn, true),
        );
    }

    /** @return list<Subject> open tasks and cases that rules have made for one, as they are by now */
    public function madeBy(string $id): array
    {
        return $this->byNow(
            [...$this->surroundings->madeBy($id), ...array_values($this->subjects)],
            static fn(Subject $one): bool => $one->madeById === $id && $one->isOpen(),
        );
    }

    /**
     * @template T of Subject
     *
     * @param list<T>           $known
     * @param callable(T): bool $fits
     *
     * @return list<T> as they are by now, each once, those that fit
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

    /** @return list<DoneTask> tasks that belong with one and are done by now, the latest first */
    public function doneWith(TaskSubject $task): array
    {
        return DoneTask::with($task, array_reverse($this->tasks()), $this->surroundings->doneWith($task));
    }

    /** The work as it is by now. */
    public function work(Needs $needs): Work
    {
        return $this->work->of($needs);
    }

    /** @param list<string> $names */
    public function rotations(array $names): Rotations
    {
        return $this->rotations->of($names);
    }

    /** @return array<array-key, true> ids of the rules that have acted on it */
    public function acted(string $taskId): array
    {
        return $this->acted[$taskId] ?? [];
    }

    public function decided(int $number, Decision $decision): void
    {
        array_splice($this->links, $number, 1, [$this->links[$number]->decidedAs($decision)]);
        $this->rotations->turned($decision);
        foreach ($decision->acted() as $position) {
            $this->acted[$decision->change->after->id][$decision->rulebook->rulebook->rules[$position]->id] = true;
        }
    }

    /** How many tasks may still be made. */
    public function tasksLeft(): int
    {
        return Chain::MOST_TASKS - $this->made;
    }

    public function newTaskId(string $madeById): string
    {
        return $this->surroundings->newId($madeById, ++$this->made);
    }

    /** @return list<Link> */
    public function links(): array
    {
        return $this->links;
    }

    /** @param list<string> $ruleIds */
    public function cut(CutReason $reason, string $taskId, array $ruleIds): void
    {
        $this->cut ??= new Cut($reason, $ruleIds, $taskId);
    }

    /**
     * Nothing more is decided; what was queued before has happened.
     *
     * @param list<string> $ruleIds
     */
    public function end(CutReason $reason, string $taskId, array $ruleIds): void
    {
        $this->cut($reason, $taskId, $ruleIds);
        $this->ended = true;
    }

    public function result(): ChainResult
    {
        return new ChainResult(
            $this->links,
            $this->subjects,
            $this->work->assignedAt(),
            $this->rotations->after(),
            $this->cut,
        );
    }
}
