<?php

declare(strict_types=1);

namespace App\People;

use App\Tables\Cell;
use App\Tables\Table;
use App\Tables\TableWriter;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Document\DocumentError;
use RuntimeException;

/**
 * People as a table: a line for each, with a heading. Skills and teams by id or
 * by name, with level and weight after a colon: "brass:3; strings:2" and "Brass
 * bench:50"; attributes, and values of a field with several, with a semicolon
 * between two. The fields that the house keeps of people have a column each,
 * named by their path. Whoever has no id is told by address or name.
 */
final class PeopleCsv
{
    public const COLUMNS = [
        'id',
        'name',
        'email',
        'phone',
        'zone',
        'from',
        'until',
        'active',
        'percent',
        'minutes_a_day',
        'amount_a_day',
        'open_tasks_at_most',
        'place',
        'attributes',
        'skills',
        'teams',
    ];

    /** What of a row is said as it stands. */
    private const PLAIN = ['id', 'name', 'email', 'phone', 'zone', 'place'];

    private const MOST_LINES = 5_000;

    /**
     * @param list<array<string, mixed>>                                                    $people of a roster document
     * @param list<array{id: string, members: list<array{person: string, weight: int}>}> $teams
     * @param array<string, Field>                                                          $fields of people
     */
    public static function write(array $people, array $teams, array $fields = []): string
    {
        $columns = [...self::COLUMNS, ...array_keys($fields)];
        $file = fopen('php://temp', 'r+') ?: throw new RuntimeException('There is no memory for a table.');
        $table = new TableWriter($file);
        $table->line($columns);
        foreach ($people as $person) {
            $weights = [];
            foreach ($teams as $team) {
                $weight =
                    array_column($team['members'], 'weight', 'person')[is_string($person['id']) ? $person['id'] : ''] ??
                    null;
                if ($weight !== null) {
                    $weights[$team['id']] = $weight;
                }
            }
            $cells =
                [
                    'active' => $person['active'] ?? true,
                    'skills' => self::pairs((array) ($person['skills'] ?? [])),
                    'teams' => self::pairs($weights),
                ] +
                (array) ($person['fields'] ?? []) +
                (array) ($person['capacity'] ?? []) +
                $person;
            $table->line(array_map(static fn(string $column): mixed => $cells[$column] ?? '', $columns));
        }
        rewind($file);

        return (string) stream_get_contents($file);
    }

    /**
     * @param array<string, Field> $fields of people
     *
     * @return list<array{document: array<string, mixed>, teams: array<string, int>|null, line: int}> what is empty is
     *     not said; teams are null where the table has no such column
     *
     * @throws DocumentError with what is wrong, by line and column
     */
    public static function read(string $text, array $fields = []): array
    {
        $table = Table::of($text);
        $columns =
            array_fill_keys(self::COLUMNS, []) + array_map(static fn(Field $field): array => [$field->label], $fields);
        $rows = [];
        $notation = $table->notation();
        foreach ($table->rows($columns, [['name']], self::MOST_LINES) as $line => $texts) {
            $cells = [];
            foreach (array_filter($texts, static fn(string $text): bool => $text !== '') as $column => $text) {
                $cells[$column] = new Cell($text, $line, $column, $notation);
            }
            $rows[] = self::row($cells, $fields) + ['line' => $line];
        }

        return $rows;
    }

    /**
     * @param array<string, Cell>  $cells those that are not empty
     * @param array<string, Field> $fields
     *
     * @return array{document: array<string, mixed>, teams: array<string, int>|null}
     */
    private static function row(array $cells, array $fields): array
    {
        $document = array_map(
            static fn(Cell $cell): string => $cell->text,
            array_intersect_key($cells, array_flip(self::PLAIN)),
        );
        $capacity = isset($cells['amount_a_day']) ? ['amount_a_day' => $cells['amount_a_day']->number()] : [];
        foreach (['percent', 'minutes_a_day'] as $column) {
            if (isset($cells[$column])) {
                $capacity = [$column => $cells[$column]->whole()] + array_diff_key($capacity, ['percent' => true]);
            }
        }
        if ($capacity !== []) {
            $document['capacity'] = $capacity;
        }
        if (isset($cells['open_tasks_at_most'])) {
            $document['open_tasks_at_most'] = $cells['open_tasks_at_most']->whole();
        }
        foreach (array_intersect(['from', 'until'], array_keys($cells)) as $column) {
            $document[$column] = $cells[$column]->day();
        }
        if (isset($cells['active'])) {
            $document['active'] = $cells['active']->yes();
        }
        if (isset($cells['attributes'])) {
            $document['attributes'] = $cells['attributes']->listed();
        }
        if (isset($cells['skills'])) {
            $document['skills'] = $cells['skills']->numbers(1);
        }
        $values = [];
        foreach (array_intersect_key($cells, $fields) as $path => $cell) {
            $values[$path] = $cell->value($fields[$path]);
        }

        return [
            'document' => $document + ($values === [] ? [] : ['fields' => $values]),
            'teams' => isset($cells['teams']) ? $cells['teams']->numbers(100) : null,
        ];
    }

    /** @param array<array-key, mixed> $numbers */
    private static function pairs(array $numbers): string
    {
        return implode(
            ' ',
            array_map(
                static fn(int|string $name, mixed $number): string => $name . ':' . (is_int($number) ? $number : ''),
                array_keys($numbers),
                $numbers,
            ),
        );
    }
}
