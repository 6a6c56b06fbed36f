<?php

declare(strict_types=1);

namespace OpenBaton\Core\Chain;

use OpenBaton\Core\Absence\SubstituteFinder;
use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Routing\Router;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Effect\OwnerGiven;
use OpenBaton\Core\Subject\Effect\TaskMade;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Workload\TaskStatus;

/**
 * Carries out what follows from a change: change sets wait in one queue, first
 * in first out; the decision on each brings about the next. A rule acts once
 * per task and chain; how deep a chain goes, how many tasks it makes and how
 * many change sets it holds is bounded. A pure function of what it is given.
 */
final readonly class Chain
{
    public const DEEPEST = 32;
    public const MOST_TASKS = 200;
    public const MOST_CHANGES = 1000;

    /** @param Needs|null $ready what the decision on the first change set needs, where it was worked out before */
    public function __construct(private Router $router, private Surroundings $surroundings, private ?Needs $ready = null) {}

    /** @param ChangeSet ...$changes what begins it, all of one cause */
    public function run(ChangeSet ...$changes): ChainResult
    {
        $state = new ChainState($this->surroundings);
        foreach ($changes as $change) {
            $state->queue($change, 0, null);
        }
        while (($number = $state->next()) !== null) {
            $this->settle($state, $number);
        }

        return $state->result();
    }

    private function settle(ChainState $state, int $number): void
    {
        $link = $state->link($number);
        $change = $link->change;
        if ($link->generation > self::DEEPEST) {
            $state->cut(CutReason::TooDeep, $change->after->id);

            return;
        }
        $this->resumeWhoWaits($state, $number, $change);
        if ($change->isArrival() || $this->router->rulebook->isHeard($change)) {
            $this->decide($state, $number, $change);
        }
        $this->coverWhoIsAway($state, $number, $change);
    }

    private function decide(ChainState $state, int $number, ChangeSet $change): void
    {
        $needs = $number === 0 && $this->ready !== null ? $this->ready : $this->router->needs($change);
        $work = $state->work($needs);
        $rotations = $state->rotations($needs->rotations);
        $decision = $this->router->decide($change, $work, $rotations, $state->acted($change->after->id));
        $state->decided($number, $decision);
        $this->watchForCircles($state, $decision, $needs, $number);
        $this->carryOn($state, $decision, $number);
    }

    /** A rule that has acted on this task already, and would change it once more, goes round. */
    private function watchForCircles(ChainState $state, Decision $decision, Needs $needs, int $number): void
    {
        if ($decision->heldBack === []) {
            return;
        }
        $rotations = $state->rotations($needs->rotations);
        $work = $state->work($needs);
        foreach ($decision->heldBack as $position) {
            $rule = $this->router->rulebook->rulebook->rules[$position];
            if ($this->router->wouldChange($rule, $decision->change, $rotations, $work)) {
                $state->cut(CutReason::Circle, $decision->change->after->id, $state->roundOf($number, $rule->id));
            }
        }
    }

    private function carryOn(ChainState $state, Decision $decision, int $number): void
    {
        $link = $state->link($number);
        $before = $state->subject($decision->change->after);
        $after = $decision->appliedTo($before);
        $at = $decision->change->at;
        $owner = null;
        $made = [];
        foreach ($decision->effects as $effect) {
            if ($effect instanceof TaskMade) {
                $made[] = $effect;
            } elseif ($effect instanceof OwnerGiven) {
                $owner = $effect;
            }
        }
        $arrivals = [];
        $waitsOn = [];
        foreach ($made as $effect) {
            $id = $state->newTaskId($before->id);
            if ($id === null) {
                $state->cut(CutReason::TooManyTasks, $before->id);
                break;
            }
            $task = $effect->made->with(['id' => $id]);
            $arrivals[] = new ChangeSet("{$link->change->id}/{$id}", $at, null, $task, $this->router->facts->of(null, $task, $at), Cause::FollowUp, placed: $effect->placed);
            if ($effect->waits) {
                $waitsOn[] = $id;
            }
        }
        if ($waitsOn !== [] && in_array($after->status, [TaskStatus::New, TaskStatus::Working, TaskStatus::Waiting], true)) {
            $after = $after->waiting($after->waitingFor, $after->wakesAt, [...$after->waitsOn, ...$waitsOn]);
        }
        $this->change($state, $number, $before, $after, $at);
        if ($owner !== null) {
            foreach ($this->surroundings->ofCustomer($owner->customerId, $before->id) as $other) {
                $other = $state->subject($other);
                $this->change($state, $number, $other, $owner->on($other), $at);
            }
        }
        foreach ($arrivals as $arrival) {
            $state->queue($arrival, $link->generation + 1, $number);
        }
    }

    /** A change set where something changes, and none where nothing does. */
    private function change(ChainState $state, int $number, Subject $before, Subject $after, int $at): void
    {
        $after = $after->settled($this->router->roster->house);
        if (! $after->equals($before)) {
            $link = $state->link($number);
            $state->queue(
                new ChangeSet("{$link->change->id}/{$before->id}", $at, $before, $after, $this->router->facts->of($before, $after, $at), Cause::FollowUp),
                $link->generation + 1,
                $number,
            );
        }
    }

    /** What comes back from review is its holder's again, or goes to their substitute while they are away. */
    private function coverWhoIsAway(ChainState $state, int $number, ChangeSet $change): void
    {
        $task = $state->subject($change->after);
        if ($change->before?->status !== TaskStatus::InReview || ! $task->status->wantsHolder() || $task->holderId === null) {
            return;
        }
        if ($this->router->roster->absenceOf($task->holderId, $change->at) !== null) {
            $covering = $task->covering;
            $cover = (new SubstituteFinder($this->router->roster))->find($covering->forId ?? $task->holderId, $change->at, $this->router->facts->of($task, $task, $change->at));
            if ($cover->isSubstitute()) {
                $this->change($state, $number, $task, $task->heldBy($cover->personId, [], $covering?->passedOnBy($task->holderId) ?? $cover->covering()), $change->at);
            }
        }
    }

    private function resumeWhoWaits(ChainState $state, int $number, ChangeSet $change): void
    {
        if ($change->after->status->isOpen() || $change->before?->status->isOpen() !== true) {
            return;
        }
        foreach ($state->waitingOn($change->after->id) as $waiting) {
            $left = array_values(array_diff($waiting->waitsOn, [$change->after->id]));
            $this->change($state, $number, $waiting, $left === [] ? $waiting->resumed() : $waiting->with(['waitsOn' => $left]), $change->at);
        }
    }
}
