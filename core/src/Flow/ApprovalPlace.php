<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow;

/** One of those whose answer an approval wants. */
final readonly class ApprovalPlace
{
    /**
     * @param string      $forId  who is meant
     * @param string|null $byId   who answers: they, or a substitute in their name; null: the place is vacant
     * @param Vote|null   $vote   null: not yet
     * @param string|null $reason of a no
     * @param int|null    $at     instant of the answer
     */
    public function __construct(
        public string $forId,
        public ?string $byId,
        public ?Vote $vote = null,
        public ?string $reason = null,
        public ?int $at = null,
    ) {}

    public function isVacant(): bool
    {
        return $this->byId === null;
    }

    public function isWaiting(): bool
    {
        return $this->byId !== null && $this->vote === null;
    }

    public function answered(Vote $vote, ?string $reason, int $at): self
    {
        return new self($this->forId, $this->byId, $vote, $reason, $at);
    }
}
