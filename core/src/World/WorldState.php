<?php

declare(strict_types=1);

namespace OpenBaton\Core\World;

use LogicException;
use OpenBaton\Core\Chain\CaseInChain;
use OpenBaton\Core\Chain\CaseTies;
use OpenBaton\Core\Chain\Chain;
use OpenBaton\Core\Chain\ChainResult;
use OpenBaton\Core\Chain\ChainState;
use OpenBaton\Core\Chain\Surroundings;
use OpenBaton\Core\Flow\CaseAtHand;
use OpenBaton\Core\Flow\CaseMoves;
use OpenBaton\Core\Flow\CaseView;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Routing\Router;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Subject\CaseFields;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Happened;
use OpenBaton\Core\Subject\HouseSubject;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Subject\Trigger;
use OpenBaton\Core\Timer\Occurrence;
use OpenBaton\Core\Timer\RuleTimers;
use OpenBaton\Core\Timer\Timers;
use OpenBaton\Core\Workload\Work;

/** A world as it goes along: its tasks, the work in hand, the rotations, and how far the clock has been looked at. */
final class WorldState implements Surroundings
{
    use KeepsApprovals;
    use KeepsSubjects;

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
        foreach ($world->cases as $case) {
            $this->cases[$case->id] = $case;
        }
        foreach ($world->customers as $customer) {
            $this->customers[$customer->id] = $customer;
        }
        foreach ($this->cases as $id => $case) {
            $this->cases[$id] = CaseTies::counted(new ChainState($this), $case);
        }
    }

    /**
     * With all that follows something else where that puts it.
     *
     * @template T of Subject
     *
     * @param T $subject
     *
     * @return T
     */
    public function settled(Subject $subject): Subject
    {
        return $this->router->settled($subject);
    }

    public function caseNow(string $id): CaseSubject
    {
        return $this->cases[$id] ?? throw new LogicException("There is no case \"{$id}\".");
    }

    /** An arrival with what a task sees of its case, and either of a customer who was told of, as they are by now. */
    public function arrival(ChangeSet $arrival): ChangeSet
    {
        $zone = $this->world->roster->house->zone();
        $one = $arrival->after;
        $customer = $this->customers[$one->customerId ?? ''] ?? null;
        $one = $customer === null || $customer->id === $one->id ? $one : $one->withFields($customer->seen($zone));
        if ($one instanceof TaskSubject && $one->caseId !== null) {
            $case = $this->caseNow($one->caseId);
            $one = $one
                ->inCase($case->id, $one->stage ?? $case->stage(), $one->needed)
                ->seeing(CaseFields::ofCase($case, $zone));
        }
        $facts = $this->router->facts->of(null, $one, $arrival->at);

        return new ChangeSet($arrival->id, $arrival->at, null, $one, $facts, $arrival->cause);
    }

    /** What moves a case on its track. */
    public function moves(CaseSubject $case): CaseMoves
    {
        return new CaseMoves(
            $this->router->tracks()[$case->trackId] ??
                throw new LogicException("There is no track \"{$case->trackId}\"."),
        );
    }

    /** @param int $at instant */
    public function view(CaseSubject $case, int $at): CaseView
    {
        return (new CaseAtHand($case, new CaseInChain(new ChainState($this), $case->id), $this->router->facts))->view(
            $at,
        );
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
        foreach ($result->tasks() as $id => $subject) {
            $this->work = $this->work->after(($this->tasks[$id] ?? null)?->asWork(), $subject->asWork());
            $this->tasks[$id] = $subject;
        }
        foreach ($result->cases() as $id => $case) {
            $this->cases[$id] = $case;
            $this->see($case, $this->world->roster->house->zone());
        }
        $this->customers = array_replace($this->customers, $result->customers());
        $this->work = $this->work->assigned($result->assignedAt);
        foreach ($result->rotations->byName as $rotation) {
            $this->rotations = $this->rotations->with($rotation);
        }

        $this->keepAsked($result);

        return $result;
    }

    /** What falls due next, until an instant and since the clock was last looked at; null: nothing. */
    public function due(int $until): ?Occurrence
    {
        foreach (
            $this->timers->between(
                [
                    ...array_values($this->tasks),
                    ...array_values($this->cases),
                    ...array_values($this->customers),
                    new HouseSubject(),
                ],
                $this->tickedAt,
                $until,
            )
            as $occurrence
        ) {
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
        $subject = $this->subject($due->subjectId);
        if ($due->timer === null) {
            $task = $this->task($due->subjectId);

            return $this->run($this->changeSet($id, $at, $task, $task->resumed(), Cause::Timer));
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

    public function rotations(array $names): Rotations
    {
        return $this->rotations->only($names);
    }
}
