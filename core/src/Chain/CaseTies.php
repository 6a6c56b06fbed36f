<?php

declare(strict_types=1);

namespace OpenBaton\Core\Chain;

use OpenBaton\Core\Flow\CaseAtHand;
use OpenBaton\Core\Flow\NeededTask;
use OpenBaton\Core\Routing\Router;
use OpenBaton\Core\Subject\CaseFields;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\TaskSubject;

/**
 * What follows between a case and its tasks where either changes: what is needed for its stage is counted anew, tasks
 * see what has changed, and a new owner takes over what the one before them held, where the track says so.
 */
final readonly class CaseTies
{
    public function __construct(private Router $router) {}

    /** The case that a change is about, or whose task it is about, where something may act on it. */
    public function atHand(ChainState $state, ChangeSet $change): ?CaseAtHand
    {
        $id = $change->case()->id ?? $change->task()?->caseId;
        $isAsked = $this->router->rulebook->lookups->cases || $change->own?->actsOnCase() === true;
        $case = $id === null || !$isAsked ? null : $state->case($id);

        return $case === null ? null : new CaseAtHand($case, new CaseInChain($state, $case->id), $this->router->facts);
    }

    /** @return list<NeededTask> the open tasks that are needed in a case */
    public static function needed(ChainState $state, string $caseId): array
    {
        $needed = [];
        foreach ($state->ofCase($caseId) as $task) {
            if ($task->needed && $task->stage !== null) {
                $needed[] = new NeededTask($task->id, $task->stage, $task->status, $task->holderId);
            }
        }

        return $needed;
    }

    /** @return list<array{Subject, Subject}> what changes by a change, before and after */
    public function following(ChainState $state, ChangeSet $change): array
    {
        $case = $change->case();
        if ($case !== null) {
            $case = $state->subject($case);

            return [...self::recounted($state, $case), ...$this->ofTasks($state, $change, $case)];
        }
        $counted = [];
        foreach ($this->casesOf($change) as $id) {
            $case = $state->case($id);
            $counted = $case === null ? $counted : [...$counted, ...self::recounted($state, $case)];
        }

        return $counted;
    }

    /** @return list<string> ids of the cases for whose stages a task came to be needed, or no longer is */
    private function casesOf(ChangeSet $change): array
    {
        $before = $change->taskBefore();
        $after = $change->task();
        $was = $before !== null && $before->needed && $before->isOpen() ? $before->caseId : null;
        $is = $after !== null && $after->needed && $after->isOpen() ? $after->caseId : null;

        return $was === $is && $before?->stage === $after?->stage
            ? []
            : array_values(array_filter(array_unique([$was, $is]), is_string(...)));
    }

    /** @return list<array{Subject, Subject}> */
    private static function recounted(ChainState $state, CaseSubject $case): array
    {
        $counted = self::counted($state, $case);

        return $counted === $case ? [] : [[$case, $counted]];
    }

    /** The case with as many open needed tasks as there are by now in the stage where it stands. */
    public static function counted(ChainState $state, CaseSubject $case): CaseSubject
    {
        $open = count(
            array_filter(
                self::needed($state, $case->id),
                static fn(NeededTask $task): bool => $task->stage === $case->stage(),
            ),
        );

        return $open === $case->openNeeded ? $case : $case->with(['openNeeded' => $open]);
    }

    /** @return list<array{Subject, Subject}> tasks in the case */
    private function ofTasks(ChainState $state, ChangeSet $change, CaseSubject $case): array
    {
        if ($change->isArrival()) {
            return [];
        }
        $values = CaseFields::ofCase($case, $this->router->roster->house->zone());
        $tasks = $state->ofCase($case->id);
        $state->seen->ofCase($case->id, $values);
        $from = $this->formerOwner($change, $case);
        $changed = [];
        foreach ($tasks as $task) {
            $sees = $this->router->settled($task->seeing($values));
            $after =
                $from !== null && $task->status->wantsHolder() && in_array($from, $task->holderIds(), true)
                    ? self::takenOver($sees, $from, $case)
                    : $sees;
            if ($after !== $sees || $this->matters($change, $task, $after)) {
                $changed[] = [$task, $after];
            }
        }

        return $changed;
    }

    /** @return string|null whose tasks the new owner takes over; null: nobody's */
    private function formerOwner(ChangeSet $change, CaseSubject $case): ?string
    {
        $before = $change->caseBefore();
        $takes = ($this->router->tracks()[$case->trackId] ?? null)?->ownerTakesTasks === true;

        // What comes back from a substitute comes back task by task.
        return $takes &&
            $before?->covering === null &&
            $case->holderId !== null &&
            $before?->holderId !== $case->holderId
            ? $before?->holderId
            : null;
    }

    private static function takenOver(TaskSubject $task, string $from, CaseSubject $case): TaskSubject
    {
        return $task->sharing === null
            ? $task->heldBy($case->holderId, [], $case->covering)
            : $task->passedBy($from, $case->holderId);
    }

    /** Whether more changes of the task than what it sees of its case, or a rule listens to that. */
    private function matters(ChangeSet $change, TaskSubject $before, TaskSubject $after): bool
    {
        $seen = array_diff_key($before->fields, CaseFields::without($before->fields));

        return !$after->seeing($seen)->equals($before) ||
            (!$after->equals($before) &&
                $this->router->rulebook->isHeard(
                    new ChangeSet(
                        $change->id,
                        $change->at,
                        $before,
                        $after,
                        $this->router->facts->of($before, $after, $change->at),
                        Cause::FollowUp,
                    ),
                ));
    }
}
