<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Rollout;

use OpenBaton\Core\Workload\TaskStatus;

/** How far the task of a node is. */
final readonly class LeafState
{
    /** @param int|null $dueAt instant */
    public function __construct(public TaskStatus $status, public ?int $dueAt = null) {}

    public function progress(int $now): PartProgress
    {
        return match (true) {
            $this->status === TaskStatus::Dropped => new PartProgress(),
            $this->status === TaskStatus::Done => new PartProgress(1, 1),
            default => new PartProgress(1, 0, $this->dueAt !== null && $this->dueAt < $now ? 1 : 0),
        };
    }
}
