<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow;

/** A time that a case stood in a stage. */
final readonly class Stay
{
    /**
     * @param string               $stage     key
     * @param int                  $enteredAt instant, as is $leftAt
     * @param int|null             $leftAt    null: it is there
     * @param list<ClosedGate>     $passed    gates that were closed, and that a lead had it pass
     * @param string|null          $reason    of a move backwards, or past a closed gate
     */
    public function __construct(
        public string $stage,
        public int $enteredAt,
        public ?int $leftAt = null,
        public array $passed = [],
        public ?string $reason = null,
    ) {}

    public function left(int $at): self
    {
        return new self($this->stage, $this->enteredAt, max($at, $this->enteredAt), $this->passed, $this->reason);
    }
}
