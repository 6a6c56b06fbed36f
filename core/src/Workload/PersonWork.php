<?php

declare(strict_types=1);

namespace OpenBaton\Core\Workload;

/** What one person holds and what loads them. */
final readonly class PersonWork
{
    /**
     * @param list<WorkItem> $loading        takes their time, held or to be reviewed
     * @param int            $openTasks      open tasks that they hold; waiting and in review count, since they come back
     * @param int|null       $lastAssignedAt instant at which work last came to them
     */
    public function __construct(
        public array $loading = [],
        public int $openTasks = 0,
        public ?int $lastAssignedAt = null,
    ) {}

    public function taking(WorkItem $item, int $at): self
    {
        return new self(
            $item->loads() === null ? $this->loading : [...$this->loading, $item],
            $this->openTasks + 1,
            max($at, $this->lastAssignedAt ?? $at),
        );
    }
}
