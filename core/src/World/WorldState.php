<?php

declare(strict_types=1);

namespace OpenBaton\Core\World;

use LogicException;
use OpenBaton\Core\Chain\Chain;
use OpenBaton\Core\Chain\ChainResult;
use OpenBaton\Core\Chain\Surroundings;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Routing\Router;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\DoneTask;
use OpenBaton\Core\Subject\Happened;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\Trigger;
use OpenBaton\Core\Timer\Occurrence;
use OpenBaton\Core\Timer\RuleTimers;
use OpenBaton\Core\Timer\Timers;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\Work;

/** A world as it goes along: its tasks, the work in hand, the rotations, and how far the clock has been looked at. */
final class WorldState implements Surroundings
{
    /** @var array<array-key, Subject> by id */
    private array $tasks = [];
    private Work $work;
    private Rotations $rotations;
    private int $tickedAt;
    /** @var array<string, true> keys of what has fired */
    private array $fired = [];
    private readonly Router $router;
    private readonly Timers $timers;

    public function __construct(private readonly World $world, string $rulebookVersion)
    {
        $this->router = new Router(
            $world->roster,
            CompiledRulebook::compile($world->rulebook, $rulebookVersion),
            $world->taskCatalogue,
        );
        $this->timers = new Timers(RuleTimers::of($world->rulebook), $world->roster->house);
        $this->work = $world->work;
        $this->rotations = $world->rotations;
        $this->tickedAt = $world->clock;
        foreach ($world->tasks as $task) {
            $this->tasks[$task->id] = $task;
            $this->work = $this->work->after(null, $task->asWork());
        }
    }

    /** The task with its due date and its texts where what they follow puts them. */
    public function settled(Subject $subject): Subject
    {
        return $this->router->settled($subject);
    }

    public function task(string $id): Subject
    {
        return $this->tasks[$id] ?? throw new LogicException("There is no task \"{$id}\".");
    }

    /** @return list<Subject> */
    public function tasks(): array
    {
        return array_values($this->tasks);
    }

    public function changeSet(
        string $id,
        int $at,
        Subject $before,
        Subject $after,
        Cause $cause,
        Happened ...$happened,
    ): ChangeSet {
        return new ChangeSet(
            $id,
            $at,
            $before,
            $after,
            $this->router->facts->of($before, $after, $at),
            $cause,
            array_values($happened),
        );
    }

    public function run(ChangeSet ...$changes): ChainResult
    {
        $result = (new Chain($this->router, $this))->run(...$changes);
        foreach ($result->subjects as $id => $subject) {
            $this->work = $this->work->after(($this->tasks[$id] ?? null)?->asWork(), $subject->asWork());
            $this->tasks[$id] = $subject;
        }
        $this->work = $this->work->assigned($result->assignedAt);
        foreach ($result->rotations->byName as $rotation) {
            $this->rotations = $this->rotations->with($rotation);
        }

        return $result;
    }

    /** What falls due next, until an instant and since the clock was last looked at; null: nothing. */
    public function due(int $until): ?Occurrence
    {
        foreach ($this->timers->between($this->tasks, $this->tickedAt, $until) as $occurrence) {
            if (!isset($this->fired[$occurrence->key])) {
                return $occurrence;
            }
        }

        return null;
    }

    /** @param int $at instant at which the clock is looked at */
    public function fire(Occurrence $due, string $id, int $at): ChainResult
    {
        $this->fired[$due->key] = true;
        $subject = $this->task($due->taskId);
        if ($due->timer === null) {
            return $this->run($this->changeSet($id, $at, $subject, $subject->resumed(), Cause::Timer));
        }

        return $this->run(
            $this->changeSet(
                $id,
                $at,
                $subject,
                $subject,
                Cause::Timer,
                new Trigger($due->timer->event::kind(), $due->timer->ruleId, $due->at),
            ),
        );
    }

    public function ticked(int $at): void
    {
        $this->tickedAt = max($this->tickedAt, $at);
    }

    public function work(Needs $needs): Work
    {
        return $this->work->knowing($this->doneFor($needs->customers));
    }

    /**
     * @param list<string> $customers
     *
     * @return iterable<array{string, string}> a person, and a customer of those for whom they have done work
     */
    private function doneFor(array $customers): iterable
    {
        foreach ($this->tasks as $task) {
            if (
                $task->status === TaskStatus::Done &&
                $task->holderId !== null &&
                in_array($task->customerId, $customers, true)
            ) {
                yield [$task->holderId, $task->customerId];
            }
        }
    }

    public function rotations(array $names): Rotations
    {
        return $this->rotations->only($names);
    }

    public function ofCustomer(string $customerId, string $exceptTaskId): array
    {
        return array_values(
            array_filter(
                $this->tasks,
                static fn(Subject $task): bool => $task->customerId === $customerId &&
                    $task->id !== $exceptTaskId &&
                    $task->status->isOpen(),
            ),
        );
    }

    public function waitingOn(string $taskId): array
    {
        return array_values(
            array_filter($this->tasks, static fn(Subject $task): bool => in_array($taskId, $task->waitsOn, true)),
        );
    }

    public function madeBy(string $taskId): array
    {
        return array_values(
            array_filter(
                $this->tasks,
                static fn(Subject $task): bool => $task->madeById === $taskId && $task->status->isOpen(),
            ),
        );
    }

    public function doneWith(Subject $task): array
    {
        return DoneTask::with($task, array_reverse($this->tasks), []);
    }

    public function newId(string $madeById, int $number): string
    {
        $last = 0;
        foreach (array_keys($this->tasks) as $id) {
            $rest = str_starts_with((string) $id, "{$madeById}.") ? substr((string) $id, strlen($madeById) + 1) : '';
            $last = ctype_digit($rest) ? max($last, (int) $rest) : $last;
        }

        return "{$madeById}." . ($last + $number);
    }
}
