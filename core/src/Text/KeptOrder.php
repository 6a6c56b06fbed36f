<?php

declare(strict_types=1);

namespace OpenBaton\Core\Text;

/** What keeps its order between two lists. */
final class KeptOrder
{
    /**
     * Of what is in both lists, the most that keep their order: all others have moved. A longest increasing
     * subsequence, by patience sorting.
     *
     * @param list<array-key> $before each once
     * @param list<array-key> $after  each once
     *
     * @return array<array-key, true>
     */
    public static function of(array $before, array $after): array
    {
        $place = array_flip($after);
        $tops = $below = [];
        foreach ($before as $id) {
            if (!isset($place[$id])) {
                continue;
            }
            for ($low = 0, $high = count($tops); $low < $high; ) {
                $middle = intdiv($low + $high, 2);
                $place[$tops[$middle]] < $place[$id] ? ($low = $middle + 1) : ($high = $middle);
            }
            $below[$id] = $tops[$low - 1] ?? null;
            $tops[$low] = $id;
        }
        $kept = [];
        for ($id = $tops === [] ? null : $tops[count($tops) - 1]; $id !== null; $id = $below[$id]) {
            $kept[$id] = true;
        }

        return $kept;
    }
}
