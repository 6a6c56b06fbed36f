<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

use OpenBaton\Core\Document\Instant;

final readonly class DueSet implements Effect
{
    /** @param int $dueAt instant */
    public function __construct(public int $dueAt) {}

    public function write(): array
    {
        return ['effect' => 'due_set', 'due' => Instant::format($this->dueAt)];
    }
}
