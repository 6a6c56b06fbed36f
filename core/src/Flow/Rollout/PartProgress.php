<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Rollout;

/** How far a part of a rollout is: a node, with all that lies in it. */
final readonly class PartProgress
{
    /**
     * @param int $tasks those that were dropped left out
     * @param int $late  of those that are open
     */
    public function __construct(public int $tasks = 0, public int $done = 0, public int $late = 0) {}

    public function isDone(): bool
    {
        return $this->tasks > 0 && $this->done === $this->tasks;
    }

    public function and(self $other): self
    {
        return new self($this->tasks + $other->tasks, $this->done + $other->done, $this->late + $other->late);
    }
}
