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
     * @return list<string> who was in it, and is no longer
     */
    public static function left(array $before, array $after): array
    {
        return array_values(array_diff($before, $after));
    }

    /**
     * @param list<string> $before those who were in the seat
     * @param list<string> $after  those who are
     *
     * @return list<string> who is in it, and was not
     */
    public static function came(array $before, array $after): array
    {
        return self::left($after, $before);
    }

    /**
     * @param list<string> $before those who were in the seat
     * @param list<string> $after  those who are
     *
     * @return list<array{string|null, string|null}> who left it with who came into it, in order, as far as there are
     *     both; null: nobody
     */
    public static function between(array $before, array $after): array
    {
        $left = self::left($before, $after);
        $came = self::came($before, $after);
        $pairs = [];
        for ($place = 0; $place < max(count($left), count($came)); ++$place) {
            $pairs[] = [$left[$place] ?? null, $came[$place] ?? null];
        }

        return $pairs;
    }
}
