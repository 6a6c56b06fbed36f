<?php

declare(strict_types=1);

namespace App\Tables;

use Closure;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Writes a table as CSV (RFC 4180, UTF-8), row by row. */
final class TableWriter
{
    /** @param resource $file */
    public function __construct(private $file) {}

    /** @param list<mixed> $cells */
    public function line(array $cells): void
    {
        fputcsv($this->file, array_map(self::harmless(...), $cells), escape: '');
    }

    /**
     * A file that is sent while it is written.
     *
     * @param Closure(self): void $write
     */
    public static function response(string $name, Closure $write): StreamedResponse
    {
        return new StreamedResponse(
            static function () use ($write): void {
                $file = fopen('php://output', 'w');
                if ($file !== false) {
                    // By it spreadsheets know the encoding.
                    fwrite($file, "\xEF\xBB\xBF");
                    $write(new self($file));
                    fclose($file);
                }
            },
            200,
            [
                'Content-Type' => 'text/csv; charset=utf-8',
                'Content-Disposition' => "attachment; filename=\"{$name}.csv\"",
            ],
        );
    }

    /** What a spreadsheet would take for a formula begins with a blank; numbers of telephones and others are none. */
    private static function harmless(mixed $cell): string
    {
        $text = match (true) {
            is_bool($cell) => $cell ? 'yes' : 'no',
            is_array($cell) => implode('; ', array_filter($cell, is_string(...))),
            default => is_scalar($cell) ? (string) $cell : '',
        };

        return $text !== '' &&
            str_contains("=+-@\t\r", $text[0]) &&
            !preg_match('/^(\+[\d\s()\/-]+|-\d+([.,]\d+)*)$/', $text)
            ? " {$text}"
            : $text;
    }
}
