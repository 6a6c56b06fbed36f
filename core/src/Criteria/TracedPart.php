<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria;

/** What became of one part of criteria: of a comparison with what it saw, of a group with all of its parts. */
final readonly class TracedPart
{
    /**
     * @param string         $pointer into the criteria
     * @param bool           $holds   by itself, whatever the groups make of it that it is in
     * @param mixed          $seen    of a comparison: the value of its field; null: it is missing
     * @param GroupKind|null $kind    of a group
     * @param list<self>     $parts   of a group
     */
    public function __construct(
        public string $pointer,
        public bool $holds,
        public ?Comparison $comparison = null,
        public mixed $seen = null,
        public ?GroupKind $kind = null,
        public array $parts = [],
    ) {}
}
