<?php

declare(strict_types=1);

namespace App\DomainEvents;

use OpenBaton\Core\Document\Node;

/** A task or a case is closed: done, dropped, or with an outcome. */
final readonly class WorkEnded implements DomainEvent
{
    public static function code(): string
    {
        return 'work_ended';
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
