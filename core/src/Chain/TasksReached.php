<?php

declare(strict_types=1);

namespace OpenBaton\Core\Chain;

use LogicException;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\CustomerSubject;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Subject\Effect\Reach;
use OpenBaton\Core\Subject\Effect\ReachesOthers;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\TaskSubject;

/** What the effects of one decision change of other tasks, cases and customers, and make. */
final class TasksReached implements Reach
{
    /** @var array<array-key, array{Subject, Subject}> before and after, by id */
    private array $changed = [];
    /** @var list<array{Subject, bool}> */
    private array $made = [];
    private ?CaseSubject $opened = null;
    /** @var list<string> */
    private array $waitsOn = [];

    /** @param list<Effect> $effects */
    public function __construct(private readonly ChainState $state, private readonly string $taskId, array $effects)
    {
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
        return array_map($this->asChanged(...), $this->state->ofCase($caseId));
    }

    public function customer(string $id): ?CustomerSubject
    {
        $customer = $this->state->customer($id);

        return $customer === null ? null : $this->asChanged($customer);
    }

    public function change(Subject $before, Subject $after): void
    {
        $this->changed[$before->id] = [$this->changed[$before->id][0] ?? $before, $after];
    }

    /**
     * @template T of Subject
     *
     * @param T $one
     *
     * @return T with what other effects did to it
     */
    private function asChanged(Subject $one): Subject
    {
        $now = $this->changed[$one->id][1] ?? $one;

        return $now instanceof $one ? $now : throw new LogicException('Two subjects have one id.');
    }

    /** @return list<array{Subject, Subject}> others before and after, in order */
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
