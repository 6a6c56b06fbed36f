<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run;

/** What is to be done about a step of a run, once for its key and round; there is nothing to be done for a wait. */
final readonly class RunAct
{
    public function __construct(public RunActKind $kind, public string $key, public int $round) {}
}
