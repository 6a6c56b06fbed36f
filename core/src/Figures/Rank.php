<?php

declare(strict_types=1);

namespace OpenBaton\Core\Figures;

/** Percentiles by nearest rank: the smallest value that so many percent are not above. */
final class Rank
{
    /**
     * @param list<int> $values
     * @param int       $percent 1 to 100
     *
     * @return int|null null: there are no values
     */
    public static function of(array $values, int $percent): ?int
    {
        if ($values === []) {
            return null;
        }
        sort($values);

        return $values[intdiv(count($values) * $percent + 99, 100) - 1];
    }
}
