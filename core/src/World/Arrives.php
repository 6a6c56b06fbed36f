<?php

declare(strict_types=1);

namespace OpenBaton\Core\World;

use OpenBaton\Core\Subject\ChangeSet;

/** A task arrives, or a case is opened. */
final readonly class Arrives implements Happening
{
    public function __construct(public ChangeSet $change) {}

    public function id(): string
    {
        return $this->change->id;
    }

    public function at(): int
    {
        return $this->change->at;
    }

    public function in(WorldState $state): iterable
    {
        $task = $this->change->task();
        $case = $task?->caseId === null ? null : $state->caseNow($task->caseId);
        yield new ChainOf(
            $this->change->id,
            $state->run(
                $task === null || $case === null ? $this->change : $state->arrivalIn($case, $task, $this->change),
            ),
        );
    }
}
