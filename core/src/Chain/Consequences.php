<?php

declare(strict_types=1);

namespace OpenBaton\Core\Chain;

use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Routing\Router;
use OpenBaton\Core\Subject\CaseFields;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\TaskSubject;

/** The change sets that decisions of a chain bring about. */
final readonly class Consequences
{
    public function __construct(private Router $router, private ChainState $state) {}

    /**
     * @param CaseSubject|null $case that the task belongs to, where rules may act on it
     *
     * @return list<ChangeSet> what a decision brings about: of its subject, of others, of what it makes
     */
    public function of(Decision $decision, int $number, ?CaseSubject $case): array
    {
        $before = $this->state->subject($decision->change->after);
        $after = $decision->appliedTo($before);
        $at = $decision->change->at;
        $reached = new TasksReached($this->state, $before->id, $decision->effects);
        $after = $after instanceof TaskSubject ? $this->tied($after, $reached) : $after;
        $changes = [$this->changed($number, $before, $after, $at)];
        if ($case !== null && $case->id !== $before->id) {
            $changes[] = $this->changed($number, $case, $decision->appliedToCase($case), $at);
        }
        foreach ($reached->changed() as [$other, $changed]) {
            $changes[] = $this->changed($number, $other, $changed, $at);
        }
        foreach ($reached->made() as [$made, $placed]) {
            $changes[] = new ChangeSet(
                "{$this->state->link($number)->change->id}/{$made->id}",
                $at,
                null,
                $made,
                $this->router->facts->of(null, $made, $at),
                Cause::FollowUp,
                placed: $placed,
            );
        }

        return array_values(array_filter($changes));
    }

    /** What follows for the decision's task from what it makes: it waits for it, or belongs to it. */
    private function tied(TaskSubject $task, TasksReached $reached): TaskSubject
    {
        if ($reached->waitsOn() !== [] && $task->status->wantsHolder()) {
            $task = $task->waiting($task->waitingFor, $task->wakesAt, [...$task->waitsOn, ...$reached->waitsOn()]);
        }
        $opened = $task->caseId === null ? $reached->opened() : null;

        return $opened === null
            ? $task
            : $task
                ->inCase($opened->id, $opened->stage(), $task->needed)
                ->seeing(CaseFields::ofCase($opened, $this->router->roster->house->zone()));
    }

    /** @return ChangeSet|null null: nothing changes */
    public function changed(int $number, Subject $before, Subject $after, int $at): ?ChangeSet
    {
        $after = $this->router->settled($after);

        return $after->equals($before)
            ? null
            : new ChangeSet(
                "{$this->state->link($number)->change->id}/{$before->id}",
                $at,
                $before,
                $after,
                $this->router->facts->of($before, $after, $at),
                Cause::FollowUp,
            );
    }
}
