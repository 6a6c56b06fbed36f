<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

/** A change to the task that a rule's follow-up makes. */
interface Effect
{
    /** @return array<string, int|string|null> as it stands in the trace, with its "effect" */
    public function write(): array;
}
