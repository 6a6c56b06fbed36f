<?php

declare(strict_types=1);

namespace OpenBaton\Core\Workload;

/** A stretch of somebody's time in which the plan has them work on a task; both are instants. */
final readonly class Block
{
    public function __construct(public string $taskId, public int $from, public int $to) {}
}
