<?php

declare(strict_types=1);

namespace App\People;

use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Document\DocumentError;
use RuntimeException;

/**
 * People as a table: a line for each, with a heading. Skills and teams as
 * "brass:3 strings:2" and "brass-bench:50", level and weight after the colon;
 * attributes, and values of a field with several, with a semicolon between two.
 * The fields that the house keeps of people have a column each, named by their
 * path.
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
        'open_tasks_at_most',
        'place',
        'attributes',
        'skills',
        'teams',
    ];

    private const MOST_LINES = 5_000;

    /**
     * @param list<array<string, mixed>>                                                    $people of a roster document
     * @param list<array{id: string, members: list<array{person: string, weight: int}>}> $teams
     * @param array<string, Field>                                                          $fields of people
     */
    public static function write(array $people, array $teams, array $fields = []): string
    {
        $columns = [...self::COLUMNS, ...array_keys($fields)];
        $file = self::temporary();
        fputcsv($file, $columns, escape: '');
        foreach ($people as $person) {
            $capacity = (array) ($person['capacity'] ?? []);
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
                    'attributes' => implode('; ', array_filter((array) ($person['attributes'] ?? []), is_string(...))),
                    'active' => $person['active'] ?? true ? 'yes' : 'no',
                    'skills' => PeopleCell::pairs((array) ($person['skills'] ?? [])),
                    'teams' => PeopleCell::pairs($weights),
                ] +
                array_map(PeopleCell::of(...), (array) ($person['fields'] ?? [])) +
                $capacity +
                $person;
            fputcsv(
                $file,
                array_map(static fn(string $column): string => PeopleCell::harmless($cells[$column] ?? ''), $columns),
                escape: '',
            );
        }
        rewind($file);

        return (string) stream_get_contents($file);
    }

    /**
     * @param array<string, Field> $fields of people
     *
     * @return list<array{document: array<string, mixed>, teams: array<string, int>|null}> what is empty is not said;
     *     teams are null where the table has no such column
     *
     * @throws DocumentError with what is wrong, by line and column
     */
    public static function read(string $text, array $fields = []): array
    {
        if (!mb_check_encoding($text, 'UTF-8')) {
            throw DocumentError::at('/line 1', 'The table is not in UTF-8; save it with that encoding.');
        }
        $file = self::temporary();
        fwrite($file, preg_replace('/^\xEF\xBB\xBF/', '', $text) ?? $text);
        rewind($file);
        $first = (string) fgets($file);
        rewind($file);
        $separator = substr_count($first, ';') > substr_count($first, ',') ? ';' : ',';
        $heading = array_map(
            static fn(?string $cell): string => mb_strtolower(trim((string) $cell)),
            fgetcsv($file, null, $separator, escape: '') ?: [],
        );
        if (!in_array('id', $heading, true) || !in_array('name', $heading, true)) {
            throw DocumentError::at(
                '/line 1',
                'The first line has the names of the columns, "id" and "name" among them.',
            );
        }
        $columns = [...self::COLUMNS, ...array_keys($fields)];
        $unknown = array_diff($heading, $columns);
        if ($unknown !== []) {
            throw DocumentError::at(
                '/line 1',
                'There is no column "{column}"; there are: {known}.',
                column: (string) reset($unknown),
                known: implode(', ', $columns),
            );
        }
        $rows = [];
        for ($line = 2; ($cells = fgetcsv($file, null, $separator, escape: '')) !== false; ++$line) {
            if ($line > self::MOST_LINES) {
                throw DocumentError::at("/line {$line}", 'A table has at most {most} lines.', most: self::MOST_LINES);
            }
            if ($cells !== [null]) {
                $rows[] = self::row(
                    array_combine(
                        $heading,
                        array_pad(
                            array_slice(
                                array_map(static fn(?string $cell): string => trim((string) $cell), $cells),
                                0,
                                count($heading),
                            ),
                            count($heading),
                            '',
                        ),
                    ),
                    $line,
                    $fields,
                );
            }
        }

        return $rows;
    }

    /**
     * @param array<string, string> $cells
     * @param array<string, Field>  $fields
     *
     * @return array{document: array<string, mixed>, teams: array<string, int>|null}
     */
    private static function row(array $cells, int $line, array $fields): array
    {
        $document = array_filter(
            array_intersect_key($cells, array_flip(['id', 'name', 'email', 'phone', 'zone', 'from', 'until', 'place'])),
            static fn(string $cell): bool => $cell !== '',
        );
        foreach (['percent', 'minutes_a_day'] as $column) {
            if (($cells[$column] ?? '') !== '') {
                $document['capacity'] = [$column => PeopleCell::number($cells[$column], $line, $column)];
            }
        }
        if (($cells['open_tasks_at_most'] ?? '') !== '') {
            $document['open_tasks_at_most'] = PeopleCell::number(
                $cells['open_tasks_at_most'],
                $line,
                'open_tasks_at_most',
            );
        }
        if (($cells['active'] ?? '') !== '') {
            $document['active'] = PeopleCell::yes($cells['active'], $line, 'active');
        }
        if (($cells['attributes'] ?? '') !== '') {
            $document['attributes'] = PeopleCell::listed($cells['attributes']);
        }
        if (($cells['skills'] ?? '') !== '') {
            $document['skills'] = PeopleCell::numbers($cells['skills'], 1, $line, 'skills');
        }

        $values = [];
        foreach (array_intersect_key($cells, $fields) as $path => $cell) {
            if ($cell !== '') {
                $values[$path] = match (true) {
                    $fields[$path]->type->isList() => PeopleCell::listed($cell),
                    $fields[$path]->type === FieldType::YesNo => PeopleCell::yes($cell, $line, $path),
                    in_array($fields[$path]->type, [FieldType::Number, FieldType::Money], true) => is_numeric($cell)
                        ? $cell + 0
                        : throw DocumentError::at("/line {$line}/{$path}", '"{text}" is not a number.', text: $cell),
                    default => $cell,
                };
            }
        }

        if ($values !== []) {
            $document['fields'] = $values;
        }

        return [
            'document' => $document,
            'teams' =>
                isset($cells['teams']) && $cells['teams'] !== ''
                    ? PeopleCell::numbers($cells['teams'], 100, $line, 'teams')
                    : null,
        ];
    }

    /** @return resource */
    private static function temporary()
    {
        return fopen('php://temp', 'r+') ?: throw new RuntimeException('There is no memory for a table.');
    }
}
