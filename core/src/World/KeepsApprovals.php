<?php

declare(strict_types=1);

namespace OpenBaton\Core\World;

use OpenBaton\Core\Chain\ChainResult;
use OpenBaton\Core\Flow\Approval;
use OpenBaton\Core\Flow\ApprovalGoesOn;
use OpenBaton\Core\Flow\ApprovalTask;
use OpenBaton\Core\Flow\Approvers;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Effect\ApprovalAsked;
use OpenBaton\Core\Subject\Subject;

/** The approvals that rules have asked for in a world, and how they go on. */
trait KeepsApprovals
{
    /** @var array<string, Asked> the latest of each name and of what is to be approved */
    private array $asked = [];

    /** @return array<array-key, Approval> the latest of each that was asked for on a case, by name */
    public function approvals(string $caseId): array
    {
        $approvals = [];
        foreach ($this->asked as $asked) {
            if ($asked->of === $caseId) {
                $approvals[$asked->name] = $asked->approval;
            }
        }

        return $approvals;
    }

    /** With who answers for a place: whoever holds its task by now. */
    public function askedFor(string $of, string $name): ?Asked
    {
        $asked = $this->asked["{$of} {$name}"] ?? null;
        if ($asked === null) {
            return null;
        }
        $holders = array_map(fn(string $id): ?string => $this->task($id)->holderId, $asked->tasks);

        return $asked->answeredBy(array_filter($holders, is_string(...)));
    }

    public function approvers(string $of, int $at): Approvers
    {
        $subject = $this->subject($of);
        $workers = $subject instanceof CaseSubject ? $this->workersIn($of) : [];

        return new Approvers(
            $this->world->roster,
            [...$subject->lastHands(), ...$workers],
            $at,
            $this->router->facts->of(null, $subject, $at),
        );
    }

    /** @return array{Asked, Approval}|null the first that goes on by itself until an instant, and how it is then */
    public function approvalOver(int $at): ?array
    {
        foreach (array_keys($this->asked) as $key) {
            $asked = $this->askedFor($this->asked[$key]->of, $this->asked[$key]->name);
            if ($asked === null) {
                continue;
            }
            $over = array_keys(array_filter($asked->tasks, fn(string $id): bool => !$this->task($id)->isOpen()));
            $after = $asked->approval->unanswered($this->subject($asked->of)->isOpen(), $over, $at);
            if (!$asked->told && ($after->isSettled() || $after !== $asked->approval)) {
                return [$asked, $after];
            }
        }

        return null;
    }

    public function goOn(Asked $asked, Approval $after, string $id, int $at, Cause $cause): ChainResult
    {
        $goesOn = new ApprovalGoesOn($asked->name, $after, !$asked->told);
        $of = $this->subject($asked->of);
        $watched = $goesOn->watched($of);
        $happened = $goesOn->happened($of);
        $changes =
            $happened === [] && $watched->equals($of)
                ? []
                : [$this->changeSet($id, $at, $of, $watched, $cause, ...$happened)];
        $open = [];
        foreach ($asked->tasks as $place => $taskId) {
            $task = $this->task($taskId);
            if ($task->isOpen()) {
                $open[] = $place;
                $changed = $goesOn->task($task, $place);
                if (!$changed->equals($task)) {
                    $changes[] = $this->changeSet("{$id}+{$place}", $at, $task, $changed, $cause);
                }
            }
        }
        $made = [];
        foreach ($goesOn->anew($open) as $number => $place) {
            $made[$place] = $this->newId($of->id, $number + 1);
            $changes[] = $this->asks($asked, $of, $after, $place, $made[$place], $at, $cause);
        }
        $this->asked["{$asked->of} {$asked->name}"] = $asked->goneOn($after, $made);

        return $this->run(...$changes);
    }

    private function asks(
        Asked $asked,
        Subject $of,
        Approval $after,
        int $place,
        string $taskId,
        int $at,
        Cause $cause,
    ): ChangeSet {
        $task = ApprovalTask::of(
            $of,
            $of->carried($this->world->roster->house->zone()),
            $asked->name,
            $asked->details,
            $after->places[$place],
            $after,
            $at,
            $this->world->taskCatalogue->kinds[ApprovalTask::KIND]->usualMinutes ?? 0,
            $asked->ruleId,
        )->with(['id' => $taskId]);

        return new ChangeSet(
            "{$asked->name}-{$taskId}",
            $at,
            null,
            $task,
            $this->router->facts->of(null, $task, $at),
            $cause,
            placed: true,
        );
    }

    /** Keeps what rules have asked for in a chain, with the tasks that it made for that. */
    private function keepAsked(ChainResult $result): void
    {
        foreach ($result->links as $number => $link) {
            foreach ($link->decision->effects ?? [] as $effect) {
                if ($effect instanceof ApprovalAsked) {
                    $tasks = [];
                    foreach ($result->links as $made) {
                        $place = $made->causedBy === $number ? $effect->placeOf($made->change) : null;
                        $tasks += $place === null ? [] : [$place => $made->change->after->id];
                    }
                    $this->asked["{$effect->of} {$effect->name}"] = new Asked(
                        $effect->of,
                        $effect->name,
                        $effect->details,
                        $effect->ruleId,
                        $effect->approval,
                        $tasks,
                    );
                }
            }
        }
    }
}
