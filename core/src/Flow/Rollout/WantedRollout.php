<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Rollout;

/** A rollout as somebody writes it: over which tree, and for which of its nodes. */
final readonly class WantedRollout
{
    /** @param string $tree code of the tree, such as "places" */
    public function __construct(public string $tree, public Members $members, public Rollout $rollout) {}
}
