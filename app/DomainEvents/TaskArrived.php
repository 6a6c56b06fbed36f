<?php

declare(strict_types=1);

namespace App\DomainEvents;

use OpenBaton\Core\Document\Node;

/** A task has come in, whether or not somebody was found for it. */
final readonly class TaskArrived implements DomainEvent
{
    public static function code(): string
    {
        return 'task_arrived';
    }

    public static function read(Node $node): self
    {
        return new self();
    }

    public function write(): array
    {
        return [];
    }
}
