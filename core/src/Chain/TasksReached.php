<?php

declare(strict_types=1);

namespace OpenBaton\Core\Chain;

use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Subject\Effect\Reach;
use OpenBaton\Core\Subject\Effect\ReachesOthers;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\TaskSubject;

/** What the effects of one decision change of other tasks and cases, and make. */
final class TasksReached implements Reach
{
    /** @var array<array-key, array{TaskSubject, TaskSubject}> before and after, by id */
    private array $changed = [];
    /** @var list<array{Subject, bool}> */
    private array $made = [];
    private ?CaseSubject $opened = null;
    /** @var list<string> */
    private array $waitsOn = [];

    /** @param list<Effect> $effects */
    public function __construct(
        private readonly ChainState $state,
        private readonly Surroundings $surroundings,
        private readonly string $taskId,
        array $effects,
    ) {
        foreach ($effects as $effect) {
            if ($effect instanceof ReachesOthers) {
                $effect->reach($this);
            }
        }
    }

    public function make(TaskSubject $task, bool $placed, bool $waits): void
    {
        $id = $this->state->newTaskId($this->taskId);
        $this->made[] = [$task->with(['id' => $id]), $placed];
        if ($waits) {
            $this->waitsOn[] = $id;
        }
    }

    public function open(CaseSubject $case): void
    {
        $opened = $case->with(['id' => $this->state->newTaskId($this->taskId)]);
        $this->made[] = [$opened, false];
        $this->opened ??= $opened;
    }

    public function ofCase(string $caseId): array
    {
        return array_map(
            fn(TaskSubject $one): TaskSubject => $this->changed[$one->id][1] ?? $one,
            $this->state->ofCase($caseId),
        );
    }

    public function ofCustomer(string $customerId): array
    {
        return array_map(
            fn(TaskSubject $one): TaskSubject => $this->changed[$one->id][1] ?? $this->state->subject($one),
            $this->surroundings->ofCustomer($customerId, $this->taskId),
        );
    }

    public function change(TaskSubject $before, TaskSubject $after): void
    {
        $this->changed[$before->id] = [$this->changed[$before->id][0] ?? $before, $after];
    }

    /** @return list<array{TaskSubject, TaskSubject}> other tasks before and after, in order */
    public function changed(): array
    {
        return array_values($this->changed);
    }

    /** @return list<array{Subject, bool}> tasks and cases, with whether it was said whose they are, in order */
    public function made(): array
    {
        return $this->made;
    }

    /** The first case that was opened: the decision's task belongs to it where it is in none. */
    public function opened(): ?CaseSubject
    {
        return $this->opened;
    }

    /** @return list<string> ids of tasks that the decision's task waits for from now on */
    public function waitsOn(): array
    {
        return $this->waitsOn;
    }
}
