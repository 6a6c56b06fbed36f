<?php

declare(strict_types=1);

namespace App\People;

use OpenBaton\Core\Document\DocumentError;

/** One cell of a table of people, as it is written and read. */
final class PeopleCell
{
    public static function of(mixed $value): string
    {
        return match (true) {
            is_bool($value) => $value ? 'yes' : 'no',
            is_array($value) => implode('; ', array_filter($value, is_string(...))),
            default => is_scalar($value) ? (string) $value : '',
        };
    }

    public static function yes(string $cell, int $line, string $column): bool
    {
        return match (mb_strtolower($cell)) {
            'yes' => true,
            'no' => false,
            default => throw DocumentError::at("/line {$line}/{$column}", 'Write "yes" or "no".'),
        };
    }

    /** @return list<string> */
    public static function listed(string $cell): array
    {
        return preg_split('/\s*;\s*/', $cell, flags: PREG_SPLIT_NO_EMPTY) ?: [];
    }

    public static function number(string $cell, int $line, string $column): int
    {
        return ctype_digit($cell) && strlen($cell) < 10
            ? (int) $cell
            : throw DocumentError::at("/line {$line}/{$column}", '"{text}" is not a whole number.', text: $cell);
    }

    /** @return array<string, int> */
    public static function numbers(string $cell, int $usual, int $line, string $column): array
    {
        $numbers = [];
        foreach (preg_split('/[\s,;]+/', $cell, flags: PREG_SPLIT_NO_EMPTY) ?: [] as $pair) {
            [$name, $number] = [...explode(':', $pair, 2), ''];
            $numbers[$name] = $number === '' ? $usual : self::number($number, $line, $column);
        }

        return $numbers;
    }

    /** @param array<array-key, mixed> $numbers */
    public static function pairs(array $numbers): string
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

    /** What a spreadsheet would take for a formula begins with a blank. */
    public static function harmless(mixed $cell): string
    {
        $text = is_scalar($cell) ? (string) $cell : '';

        return $text !== '' && str_contains("=+-@\t\r", $text[0]) && !preg_match('/^\+[\d\s()\/-]+$/', $text)
            ? " {$text}"
            : $text;
    }
}
