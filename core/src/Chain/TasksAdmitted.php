<?php

declare(strict_types=1);

namespace OpenBaton\Core\Chain;

use OpenBaton\Core\Subject\Effect\Admission;

/** What the effects of one decision may still do in its chain. */
final class TasksAdmitted implements Admission
{
    private int $taken = 0;
    private bool $refused = false;

    public function __construct(private readonly ChainState $state, private readonly string $taskId) {}

    public function made(): array
    {
        return $this->state->madeBy($this->taskId);
    }

    public function takesTask(): bool
    {
        $takes = $this->taken < $this->state->tasksLeft();
        $this->taken += $takes ? 1 : 0;
        $this->refused = $this->refused || !$takes;

        return $takes;
    }

    /** Whether a task was asked for beyond the guard. */
    public function hasRefused(): bool
    {
        return $this->refused;
    }
}
