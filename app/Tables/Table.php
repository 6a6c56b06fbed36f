<?php

declare(strict_types=1);

namespace App\Tables;

use Generator;
use OpenBaton\Core\Document\DocumentError;
use RuntimeException;

/**
 * A table as spreadsheets of all countries save it (CSV, RFC 4180, with their separators and encodings) or as it is
 * copied out of one: a heading, and a line for each row.
 */
final readonly class Table
{
    private const SEPARATORS = ["\t", ';', ',', '|'];

    /** How much of the text tells its separator. */
    private const HEAD = 4_096;

    private function __construct(private string $text, public string $separator) {}

    /** @throws DocumentError where it is no text at all */
    public static function of(string $bytes): self
    {
        $text = self::utf8($bytes);
        if (str_contains($text, "\0")) {
            throw DocumentError::at('/line 1', 'This is not a table of text. Save it as CSV, then choose that file.');
        }

        return new self($text, self::separatorOf($text));
    }

    /** Where a comma is the mark before decimals, cells are parted by something else. */
    public function notation(): Notation
    {
        return new Notation($this->separator === ';' ? ',' : '.', WrittenDate::dayFirst($this->text));
    }

    /**
     * @return Generator<int, list<string>> cells by the line of the file in which they begin; lines without any are
     *     left out
     */
    public function lines(): Generator
    {
        $file = fopen('php://temp', 'r+') ?: throw new RuntimeException('There is no memory for a table.');
        fwrite($file, $this->text);
        rewind($file);
        for ($line = 1; ($cells = fgetcsv($file, null, $this->separator, escape: '')) !== false; $line += $lines) {
            $lines = 1 + substr_count(implode('', array_map(strval(...), $cells)), "\n");
            $cells = array_map(static fn(?string $cell): string => trim((string) $cell), $cells);
            if (implode('', $cells) !== '') {
                yield $line => $cells;
            }
        }
        fclose($file);
    }

    /**
     * Rows by the columns that they are about.
     *
     * @param array<string, list<string>> $columns what the heading may call each, in small letters, by its code
     * @param list<list<string>>          $needed  columns of which one has to be there, of each list
     *
     * @return Generator<int, array<string, string>> cells by the code of their column, by line
     *
     * @throws DocumentError where the heading is not as it should be, or there are more rows
     */
    public function rows(array $columns, array $needed, int $most): Generator
    {
        $codes = null;
        $count = 0;
        foreach ($this->lines() as $line => $cells) {
            if ($codes === null) {
                $codes = self::heading($cells, $columns, $needed, $line);
                continue;
            }
            if (++$count > $most) {
                throw DocumentError::at("/line {$line}", 'A table has at most {most} lines.', most: $most);
            }
            $row = [];
            foreach ($codes as $place => $code) {
                $row[$code] = $cells[$place] ?? '';
            }
            yield $line => $row;
        }
        if ($codes === null) {
            throw DocumentError::at('/line 1', 'There is nothing in the table.');
        }
    }

    /**
     * @param list<string>                $cells
     * @param array<string, list<string>> $columns
     * @param list<list<string>>          $needed
     *
     * @return array<int, string> codes by their place
     */
    private static function heading(array $cells, array $columns, array $needed, int $line): array
    {
        $known = [];
        foreach ($columns as $code => $names) {
            foreach ([$code, ...$names] as $name) {
                $known[mb_strtolower($name)] ??= $code;
            }
        }
        $codes = [];
        foreach ($cells as $place => $cell) {
            if ($cell === '') {
                continue;
            }
            $code = $known[mb_strtolower($cell)] ?? null;
            if ($code === null) {
                throw DocumentError::at(
                    "/line {$line}",
                    'There is no column "{column}"; there are: {known}.',
                    column: $cell,
                    known: implode(', ', array_keys($columns)),
                );
            }
            if (in_array($code, $codes, true)) {
                throw DocumentError::at("/line {$line}", 'The column "{column}" is there twice.', column: $cell);
            }
            $codes[$place] = $code;
        }
        foreach ($needed as $either) {
            if (array_intersect($either, $codes) === []) {
                throw DocumentError::at(
                    "/line {$line}",
                    'The first line has the names of the columns, "{column}" among them.',
                    column: implode('" or "', $either),
                );
            }
        }

        return $codes;
    }

    /** By its mark, or by what can be nothing else; what is no UTF-8 is what spreadsheets write in the west. */
    public static function utf8(string $bytes): string
    {
        $marks = ["\xEF\xBB\xBF" => 'UTF-8', "\xFF\xFE" => 'UTF-16LE', "\xFE\xFF" => 'UTF-16BE'];
        foreach ($marks as $mark => $encoding) {
            if (str_starts_with($bytes, $mark)) {
                return mb_scrub((string) mb_convert_encoding(substr($bytes, strlen($mark)), 'UTF-8', $encoding));
            }
        }

        return mb_check_encoding($bytes, 'UTF-8')
            ? $bytes
            : (string) mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252');
    }

    /** What parts the most cells of the first line, outside of quotes. */
    private static function separatorOf(string $text): string
    {
        $head = substr(ltrim($text), 0, self::HEAD);
        $first = strtok((string) preg_replace('/"(?:[^"]|"")*"/', '', $head), "\n");
        $counts = array_map(
            static fn(string $one): int => substr_count($first === false ? '' : $first, $one),
            self::SEPARATORS,
        );

        return max($counts) === 0 ? ',' : self::SEPARATORS[(int) array_search(max($counts), $counts, true)];
    }
}
