<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

/** What changes in a seat of a task that several may be in: from whom it passes to whom. */
final class Passing
{
    /**
     * @param list<string> $before those who were in the seat
     * @param list<string> $after  those who are
     *
     * @return list<array{string|null, string|null}> who left it with who came into it, in order, as far as there are
     *     both; null: nobody
     */
    public static function between(array $before, array $after): array
    {
        $left = array_values(array_diff($before, $after));
        $came = array_values(array_diff($after, $before));
        $pairs = [];
        for ($place = 0; $place < max(count($left), count($came)); ++$place) {
            $pairs[] = [$left[$place] ?? null, $came[$place] ?? null];
        }

        return $pairs;
    }
}
