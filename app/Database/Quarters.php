<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Eloquent\Builder;

/** Rows counted by quarters of an hour, of which the days of every zone are made. */
final class Quarters
{
    private const SECONDS = 900;

    /**
     * @template T of \Illuminate\Database\Eloquent\Model
     *
     * @param Builder<T> $query
     * @param string     $column of a moment; never from outside
     *
     * @return list<array{int, int}> the instant at which a quarter begins, and how many rows lie in it
     */
    public static function counts(Builder $query, string $column): array
    {
        // The query builder has no count by parts of a time.
        $rows = $query
            ->clone()
            ->selectRaw("UNIX_TIMESTAMP({$column}) DIV " . self::SECONDS . ' AS quarter, COUNT(*) AS number')
            ->groupBy('quarter')
            ->toBase()
            ->get();
        $counts = [];
        foreach ($rows as $row) {
            $row = new Row($row);
            $counts[] = [$row->int('quarter') * self::SECONDS, $row->int('number')];
        }

        return $counts;
    }
}
