<?php

declare(strict_types=1);

namespace OpenBaton\Core\Tests\Support;

use Random\Randomizer;

/** What random houses and stories are thrown with; the same for the same seed. */
trait Dice
{
    private readonly Randomizer $random;

    private function pick(int $low, int $high): int
    {
        return $this->random->getInt($low, $high);
    }

    private function chance(int $percent): bool
    {
        return $this->pick(1, 100) <= $percent;
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $from
     *
     * @return T
     */
    private function one(array $from): mixed
    {
        return $from[$this->pick(0, count($from) - 1)];
    }
}
