<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run;

use OpenBaton\Core\Flow\ApprovalOutcome;

/** How far a block of a run is, in one of its rounds. */
final readonly class BlockState
{
    /**
     * @param int      $round     from 1
     * @param int|null $reachedAt instant; null: its round has not been reached
     * @param int|null $settledAt instant
     * @param int|null $wakesAt   instant at which a wait is over, as far as that is known
     */
    public function __construct(
        public StepState $state = StepState::NotReached,
        public int $round = 1,
        public ?int $reachedAt = null,
        public ?int $settledAt = null,
        public ?StepWhy $why = null,
        public ?ApprovalOutcome $answer = null,
        public ?int $wakesAt = null,
    ) {}

    public function equals(self $other): bool
    {
        return get_object_vars($this) === get_object_vars($other);
    }

    public function opened(int $at): self
    {
        return new self(StepState::Open, $this->round, $at);
    }

    public function stopped(StepWhy $why, int $at): self
    {
        return new self(StepState::Stopped, $this->round, $this->reachedAt ?? $at, null, $why);
    }

    public function settled(StepState $as, int $at, ?StepWhy $why = null, ?ApprovalOutcome $answer = null): self
    {
        return new self($as, $this->round, $this->reachedAt, $at, $why, $answer ?? $this->answer);
    }

    public function wakingAt(?int $at): self
    {
        return new self(StepState::Open, $this->round, $this->reachedAt, null, null, null, $at);
    }

    /** As it is where what is within it is open again. */
    public function reopened(): self
    {
        return new self(StepState::Open, $this->round, $this->reachedAt);
    }

    /** The next round of it, not reached yet. */
    public function again(): self
    {
        return new self(StepState::NotReached, $this->round + 1);
    }
}
