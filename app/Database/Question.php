<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** A query with its values; several of them can be asked by one way to the database and back. */
final readonly class Question
{
    /** @param list<mixed> $bindings */
    public function __construct(private string $sql, private array $bindings) {}

    /**
     * Question marks for so many values, as they stand in a list.
     *
     * @param array<mixed> $values
     */
    public static function marks(array $values): string
    {
        return implode(', ', array_fill(0, count($values), '?'));
    }

    /** @return array<int, stdClass> */
    public function ask(): array
    {
        return DB::select($this->sql, $this->bindings);
    }

    /**
     * Asks one after the other: each sees what was committed while the one before waited.
     *
     * @return list<array<int, stdClass>> the rows of each
     */
    public static function askAll(Connection $database, self ...$questions): array
    {
        if ($questions === []) {
            return [];
        }
        $sql = implode('; ', array_map(static fn(self $question): string => $question->sql, $questions));
        /** @var list<array<int, stdClass>> $sets */
        $sets = $database->selectResultSets($sql, array_merge(...array_map(static fn(self $question): array => $question->bindings, $questions)), false);

        return $sets;
    }
}
