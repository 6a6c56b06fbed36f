<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run;

use OpenBaton\Core\Refusal;
use OpenBaton\Core\Rulebook\Condition;

/** One after another: each is reached once the one before is settled. */
final readonly class Sequence implements Block
{
    /**
     * @param list<Block> $blocks at least one
     *
     * @throws Refusal
     */
    public function __construct(private string $key, private array $blocks, private ?Condition $condition = null)
    {
        if ($blocks === []) {
            throw new Refusal('Put at least one step into it.');
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

    /** @return list<Block> those that come after one */
    public function after(string $key): array
    {
        $keys = array_map(static fn(Block $one): string => $one->key(), $this->blocks);

        return array_slice($this->blocks, (int) array_search($key, $keys, true) + 1);
    }
}
