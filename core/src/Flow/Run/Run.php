<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run;

use OpenBaton\Core\Flow\ApprovalOutcome;

/** One start of a runsheet. */
final readonly class Run
{
    /** Rounds of a step; past them it stops. */
    public const MOST_ROUNDS = 20;

    /**
     * @param int                       $startedAt instant
     * @param array<string, BlockState> $blocks    by key; of a block that is not there nothing was reached
     * @param list<EarlierRound>        $earlier   rounds that were followed by others, in their order
     * @param int|null                  $overAt    instant
     */
    public function __construct(
        public int $startedAt,
        public RunState $state = RunState::Running,
        public array $blocks = [],
        public array $earlier = [],
        public ?int $overAt = null,
    ) {}

    public function isRunning(): bool
    {
        return $this->state === RunState::Running;
    }

    /** Rounds that were followed by others do not change any more: it is enough to count them. */
    public function equals(self $other): bool
    {
        if ($this->state !== $other->state || count($this->earlier) !== count($other->earlier)) {
            return false;
        }
        foreach ($this->blocks + $other->blocks as $key => $state) {
            if (!$this->of($key)->equals($other->of($key))) {
                return false;
            }
        }

        return true;
    }

    public function of(string $key): BlockState
    {
        return $this->blocks[$key] ?? new BlockState();
    }

    /** @return list<string> keys of blocks in a state */
    public function in(StepState $state): array
    {
        return array_keys(array_filter($this->blocks, static fn(BlockState $one): bool => $one->state === $state));
    }

    /** @return array<string, ApprovalOutcome> what was answered, by step */
    public function answers(): array
    {
        return self::answersIn($this->blocks);
    }

    /**
     * @param array<string, BlockState> $states
     *
     * @return array<string, ApprovalOutcome> what was answered, by step
     */
    public static function answersIn(array $states): array
    {
        return array_filter(array_map(static fn(BlockState $one): ?ApprovalOutcome => $one->answer, $states));
    }

    /** @return int|null the instant at which it is to be looked at next; null: nothing in it waits for one */
    public function wakesAt(): ?int
    {
        $instants = [];
        foreach ($this->blocks as $one) {
            if ($one->state === StepState::Open && $one->wakesAt !== null) {
                $instants[] = $one->wakesAt;
            }
        }

        return $instants === [] || !$this->isRunning() ? null : min($instants);
    }
}
