<?php

declare(strict_types=1);

namespace OpenBaton\Core\Chain;

use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Subject\Subject;

/** What came of a chain: all that changed, in order. */
final readonly class ChainResult
{
    /**
     * @param list<Link>                $links
     * @param array<array-key, Subject> $subjects   every task that the chain touched as it is after it, by id
     * @param array<array-key, int>     $assignedAt instant at which work came to somebody in it, by person
     * @param Rotations                 $rotations  that were looked at, after it
     */
    public function __construct(
        public array $links,
        public array $subjects,
        public array $assignedAt,
        public Rotations $rotations,
        public ?Cut $cut,
    ) {}
}
