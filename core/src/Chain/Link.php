<?php

declare(strict_types=1);

namespace OpenBaton\Core\Chain;

use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Subject\ChangeSet;

/** One change set of a chain, with the decision on it. */
final readonly class Link
{
    /**
     * @param int           $generation 0 for what began the chain
     * @param int|null      $causedBy   number of the link whose decision brought it about
     * @param Decision|null $decision   null: no rule listens
     */
    public function __construct(
        public ChangeSet $change,
        public int $generation,
        public ?int $causedBy,
        public ?Decision $decision = null,
    ) {}

    public function decidedAs(Decision $decision): self
    {
        return new self($this->change, $this->generation, $this->causedBy, $decision);
    }
}
