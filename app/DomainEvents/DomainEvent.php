<?php

declare(strict_types=1);

namespace App\DomainEvents;

use OpenBaton\Core\Document\Node;

/** What has happened, mostly to a task, as consumers get it after the commit. People go by their id in the tables. */
interface DomainEvent
{
    /** By what it goes in the table. */
    public static function code(): string;

    public static function read(Node $node): self;

    /** @return array<mixed> what read() reads */
    public function write(): array;
}
