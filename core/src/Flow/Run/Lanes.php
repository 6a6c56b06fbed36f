<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run;

use OpenBaton\Core\Refusal;
use OpenBaton\Core\Rulebook\Condition;

/** Side by side: all are reached at once. */
final readonly class Lanes implements Block
{
    /**
     * @param list<Block> $blocks at least one
     * @param int|null              $first  it is settled once so many of them are done; null: once all are settled
     *
     * @throws Refusal
     */
    public function __construct(
        private string $key,
        private array $blocks,
        private ?Condition $condition = null,
        public ?int $first = null,
    ) {
        if ($blocks === []) {
            throw new Refusal('Put at least one step into it.');
        }
        if ($first !== null && ($first < 1 || $first > count($blocks))) {
            throw new Refusal('Of {all} side by side the first 1 to {all} can be enough.', all: count($blocks));
        }
    }

    public function key(): string
    {
        return $this->key;
    }

    public function condition(): ?Condition
    {
        return $this->condition;
    }

    public function within(): array
    {
        return $this->blocks;
    }
}
