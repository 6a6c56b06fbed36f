<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Connection;
use stdClass;

/**
 * Several writes sent at once: where others wait for one's turn, each way to
 * the database and back counts. After an error in one of them the others are
 * not made; the transaction around it takes back those that were.
 */
final class Writes
{
    /** @var list<string> */
    private array $writes = [];

    /** @var list<mixed> */
    private array $bindings = [];

    /** @param non-empty-list<array<string, mixed>> $rows by column, the same in each */
    public function insert(string $table, array $rows): void
    {
        $columns = implode('`, `', array_keys($rows[0]));
        $values = array_fill(0, count($rows), '('.Question::marks($rows[0]).')');
        $this->add("INSERT INTO `{$table}` (`{$columns}`) VALUES ".implode(', ', $values), array_merge(...array_map(array_values(...), $rows)));
    }

    /** @param list<mixed> $bindings */
    public function add(string $sql, array $bindings): void
    {
        $this->writes[] = $sql;
        $this->bindings = [...$this->bindings, ...$bindings];
    }

    /** @return int the last number that a column which counts up by itself has given */
    public function run(Connection $database): int
    {
        $sets = $database->selectResultSets(implode('; ', [...$this->writes, 'SELECT LAST_INSERT_ID() AS number']), $this->bindings, false);
        $row = $sets[count($this->writes)][0] ?? null;

        return $row instanceof stdClass ? (int) $row->number : 0;
    }
}
