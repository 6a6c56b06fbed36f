<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow;

use OpenBaton\Core\Workload\TaskStatus;

/** A task that is needed for the stage in which it was made. */
final readonly class NeededTask
{
    public function __construct(
        public string $id,
        public string $stage,
        public TaskStatus $status,
        public ?string $holderId = null,
    ) {}
}
