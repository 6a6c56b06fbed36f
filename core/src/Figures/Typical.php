<?php

declare(strict_types=1);

namespace OpenBaton\Core\Figures;

/** What is usual, and what nine of ten do not exceed, both by nearest rank. */
final readonly class Typical
{
    private function __construct(public int $median, public int $ninety) {}

    /**
     * @param list<int> $values
     *
     * @return self|null null: there are none
     */
    public static function of(array $values): ?self
    {
        return $values === [] ? null : new self((int) Rank::of($values, 50), (int) Rank::of($values, 90));
    }
}
