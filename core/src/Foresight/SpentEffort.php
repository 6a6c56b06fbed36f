<?php

declare(strict_types=1);

namespace OpenBaton\Core\Foresight;

use OpenBaton\Core\Figures\Rank;

/** What tasks of a kind have really taken, in minutes: percentiles by nearest rank. */
final readonly class SpentEffort
{
    /** Tasks from which on a value of a list has figures of its own, and from which on a task may be called long. */
    public const ENOUGH = 20;

    /**
     * @param int $counted tasks with time spent
     * @param int $without tasks without any, which do not count
     */
    private function __construct(
        public int $counted,
        public int $without,
        public int $quarter,
        public int $median,
        public int $threeQuarters,
        public int $ninety,
    ) {}

    /** @param list<int> $spent minutes of each task that is done; 0: none was put down */
    public static function of(array $spent): ?self
    {
        $taken = array_values(array_filter($spent, static fn(int $one): bool => $one > 0));
        $at = static fn(int $percent): int => (int) Rank::of($taken, $percent);

        return $taken === []
            ? null
            : new self(count($taken), count($spent) - count($taken), $at(25), $at(50), $at(75), $at(90));
    }
}
