<?php

declare(strict_types=1);

namespace OpenBaton\Core\Chain;

use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Subject\Effect\Reach;
use OpenBaton\Core\Subject\Effect\ReachesTasks;
use OpenBaton\Core\Subject\Subject;

/** What the effects of one decision change of other tasks, and make. */
final class TasksReached implements Reach
{
    /** @var array<array-key, array{Subject, Subject}> before and after, by id */
    private array $changed = [];
    /** @var list<array{Subject, bool}> */
    private array $made = [];
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
            if ($effect instanceof ReachesTasks) {
                $effect->reach($this);
            }
        }
    }

    public function make(Subject $task, bool $placed, bool $waits): void
    {
        $id = $this->state->newTaskId($this->taskId);
        $this->made[] = [$task->with(['id' => $id]), $placed];
        if ($waits) {
            $this->waitsOn[] = $id;
        }
    }

    public function ofCustomer(string $customerId): array
    {
        return array_map(
            fn(Subject $one): Subject => $this->changed[$one->id][1] ?? $this->state->subject($one),
            $this->surroundings->ofCustomer($customerId, $this->taskId),
        );
    }

    public function change(Subject $before, Subject $after): void
    {
        $this->changed[$before->id] = [$this->changed[$before->id][0] ?? $before, $after];
    }

    /** @return list<array{Subject, Subject}> other tasks before and after, in order */
    public function changed(): array
    {
        return array_values($this->changed);
    }

    /** @return list<array{Subject, bool}> tasks, with whether it was said whose they are, in order */
    public function made(): array
    {
        return $this->made;
    }

    /** @return list<string> ids of tasks that the decision's task waits for from now on */
    public function waitsOn(): array
    {
        return $this->waitsOn;
    }
}
