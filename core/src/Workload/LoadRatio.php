<?php

declare(strict_types=1);

namespace OpenBaton\Core\Workload;

/** Pressing minutes over minutes of capacity, in the horizon of a load plan. */
final readonly class LoadRatio
{
    public function __construct(public int $pressing, public int $capacity) {}

    /** Infinite for a person without capacity. */
    public function value(): float
    {
        return $this->capacity === 0 ? INF : $this->pressing / $this->capacity;
    }

    /** In whole percent, null for a person without capacity. */
    public function percent(): ?int
    {
        return $this->capacity === 0 ? null : (int) round((100 * $this->pressing) / $this->capacity);
    }

    public function exceedsPercent(int $percent): bool
    {
        return $this->capacity === 0 || $this->pressing * 100 > $percent * $this->capacity;
    }

    public function compare(self $other): int
    {
        if ($this->capacity === 0 || $other->capacity === 0) {
            return ($this->capacity === 0 ? 1 : 0) <=> ($other->capacity === 0 ? 1 : 0);
        }

        return $this->pressing * $other->capacity <=> $other->pressing * $this->capacity;
    }
}
