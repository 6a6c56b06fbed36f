<?php

declare(strict_types=1);

namespace OpenBaton\Core\Chain;

use OpenBaton\Core\Absence\SubstituteFinder;
use OpenBaton\Core\Flow\CaseAtHand;
use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Routing\Router;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Subject\Effect\ReachesOthers;
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
    public function __construct(
        private Router $router,
        private Surroundings $surroundings,
        private ?Needs $ready = null,
    ) {}

    /** @param ChangeSet ...$changes what begins it, all of one cause */
    public function run(ChangeSet ...$changes): ChainResult
    {
        $state = new ChainState($this->surroundings);
        foreach ($changes as $change) {
            if (!$state->hasRoomFor(1)) {
                $state->end(CutReason::TooManyChanges, $change->after->id, []);
                break;
            }
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
            $state->cut(CutReason::TooDeep, $change->after->id, $this->round($state)->repeatedUntil($number));

            return;
        }
        $this->resumeWhoWaits($state, $number, $change);
        if ($change->isArrival() || $change->own !== null || $this->router->rulebook->isHeard($change)) {
            $this->decide($state, $number, $change);
        }
        $this->coverWhoIsAway($state, $number, $change);
        foreach ([new CaseTies($this->router), new CustomerTies($this->router)] as $ties) {
            foreach ($ties->following($state, $change) as [$before, $after]) {
                $this->change($state, $number, $before, $after, $change->at);
            }
        }
    }

    private function decide(ChainState $state, int $number, ChangeSet $change): void
    {
        $task = $change->task();
        $kin = $task !== null && $this->router->rulebook->lookups->kin ? $state->doneWith($task) : [];
        $change = $kin === [] ? $change : $change->seenAs($change->facts->knowing($kin));
        $needs = $number === 0 && $kin === [] && $this->ready !== null ? $this->ready : $this->router->needs($change);
        $work = $state->work($needs);
        $rotations = $state->rotations($needs->rotations);
        $case = (new CaseTies($this->router))->atHand($state, $change);
        $decision = $this->router->decide($change, $work, $rotations, $state->acted($change->after->id), $case);
        $decision = $this->admitted($state, $decision, $number);
        $following = $this->consequences($state)->of($decision, $number, $case?->case);
        if (!$state->hasRoomFor(count($following))) {
            // What can't be carried out is not decided: what is recorded is what has happened.
            $state->end(CutReason::TooManyChanges, $change->after->id, $this->round($state)->repeatedUntil($number));

            return;
        }
        $state->decided($number, $decision);
        $this->watchForCircles($state, $decision, $needs, $number, $case);
        foreach ($following as $next) {
            $state->queue($next, $state->link($number)->generation + 1, $number);
        }
    }

    private function consequences(ChainState $state): Consequences
    {
        return new Consequences($this->router, $state);
    }

    private function round(ChainState $state): Round
    {
        return new Round($state->links(), $this->router);
    }

    /** A rule that has acted on this task already, and would change it once more, goes round. */
    private function watchForCircles(
        ChainState $state,
        Decision $decision,
        Needs $needs,
        int $number,
        ?CaseAtHand $case,
    ): void {
        if ($decision->heldBack === []) {
            return;
        }
        $rotations = $state->rotations($needs->rotations);
        $work = $state->work($needs);
        foreach ($decision->heldBack as $position) {
            $rule = $this->router->rulebook->rulebook->rules[$position];
            if ($this->router->wouldChange($rule, $decision->change, $rotations, $work, $case)) {
                $state->cut(
                    CutReason::Circle,
                    $decision->change->after->id,
                    $this->round($state)->backTo($rule->id, $number),
                );
            }
        }
    }

    /** With its effects as far as the chain lets them be carried out. */
    private function admitted(ChainState $state, Decision $decision, int $number): Decision
    {
        $taskId = $decision->change->after->id;
        $admission = new TasksAdmitted($state, $taskId);
        $admitted = $decision->carriedOutAs(
            static fn(Effect $effect): ?Effect => $effect instanceof ReachesOthers
                ? $effect->admitted($admission)
                : $effect,
        );
        if ($admission->hasRefused()) {
            $state->cut(CutReason::TooManyTasks, $taskId, $this->round($state)->repeatedUntil($number));
        }

        return $admitted;
    }

    /** Queues a change set where something changes, as far as there is room. */
    private function change(ChainState $state, int $number, Subject $before, Subject $after, int $at): void
    {
        $change = $this->consequences($state)->changed($number, $before, $after, $at);
        if ($change !== null && $state->hasRoomFor(1)) {
            $state->queue($change, $state->link($number)->generation + 1, $number);
        } elseif ($change !== null) {
            $state->end(CutReason::TooManyChanges, $before->id, $this->round($state)->repeatedUntil($number));
        }
    }

    /** What comes back from review is its holder's again, or goes to their substitute while they are away. */
    private function coverWhoIsAway(ChainState $state, int $number, ChangeSet $change): void
    {
        $task = $change->task();
        $task = $task === null ? null : $state->subject($task);
        if (
            $task === null ||
            $change->taskBefore()?->status !== TaskStatus::InReview ||
            !$task->status->wantsHolder() ||
            $task->holderId === null
        ) {
            return;
        }
        $roster = $this->router->roster;
        $away = static fn(string $id): bool => $roster->absenceOf($id, $change->at) !== null;
        // Whoever has it together with them goes on with it.
        if (array_filter($task->holderIds(), $away) === $task->holderIds()) {
            $covering = $task->covering;
            $cover = (new SubstituteFinder($roster))->find(
                $covering->forId ?? $task->holderId,
                $change->at,
                $this->router->facts->of($task, $task, $change->at),
                $task->beside(SeatName::Holder),
            );
            if ($cover->isSubstitute()) {
                $this->change(
                    $state,
                    $number,
                    $task,
                    $task->heldBy($cover->personId, [], $covering?->passedOnBy($task->holderId) ?? $cover->covering()),
                    $change->at,
                );
            }
        }
    }

    private function resumeWhoWaits(ChainState $state, int $number, ChangeSet $change): void
    {
        if ($change->after->isOpen() || $change->taskBefore()?->isOpen() !== true) {
            return;
        }
        foreach ($state->waitingOn($change->after->id) as $waiting) {
            $left = array_values(array_diff($waiting->waitsOn, [$change->after->id]));
            $this->change(
                $state,
                $number,
                $waiting,
                $left === [] ? $waiting->resumed() : $waiting->with(['waitsOn' => $left]),
                $change->at,
            );
        }
    }
}
