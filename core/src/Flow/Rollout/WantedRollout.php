<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Rollout;

use OpenBaton\Core\Time\LocalDate;

/** A rollout as somebody writes it: over which tree, for which of its nodes, from when until when. */
final readonly class WantedRollout
{
    /**
     * @param string         $tree  code of the tree, such as "places"
     * @param LocalDate|null $start first day; null: at once
     * @param LocalDate|null $due   last day
     */
    public function __construct(
        public string $tree,
        public Members $members,
        public Rollout $rollout,
        public ?LocalDate $start,
        public ?LocalDate $due,
    ) {}
}
