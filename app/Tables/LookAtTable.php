<?php

declare(strict_types=1);

namespace App\Tables;

use Generator;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Faults;

/** Says what a table would do before anything is done: all of its lines, those that are wrong with their place. */
final class LookAtTable
{
    /** Rows that are looked at in one round trip. */
    private const PIECE = 500;

    /**
     * @return array{list<ImportRow>, list<ImportVerdict>} the rows that can be read, and what each line does
     *
     * @throws DocumentError where the table cannot be read as a whole
     */
    public static function of(ImportKind $kind, string $bytes): array
    {
        $rows = $verdicts = [];
        foreach (self::cells($kind, $bytes) as $line => $cells) {
            $faults = new Faults();
            $document = $faults->collect(static fn(): array => $kind->document($cells));
            if ($document === null) {
                $verdicts[] = new ImportVerdict($line, ImportVerdict::WRONG, '', $faults->all());
            } else {
                $rows[] = new ImportRow($line, $document);
            }
        }
        foreach (array_chunk($rows, self::PIECE) as $piece) {
            array_push($verdicts, ...$kind->look($piece));
        }
        usort($verdicts, static fn(ImportVerdict $a, ImportVerdict $b): int => $a->line <=> $b->line);

        return [$rows, $verdicts];
    }

    /**
     * @return Generator<int, array<string, Cell>> those that are not empty, by column, by line
     *
     * @throws DocumentError
     */
    private static function cells(ImportKind $kind, string $bytes): Generator
    {
        $text = Table::utf8($bytes);
        if ($kind instanceof ReadsCards && Cards::are($text)) {
            foreach (Cards::of($text, $kind::most()) as $line => $card) {
                yield $line => self::filled($kind->card($card), $line, new Notation());
            }

            return;
        }
        $table = Table::of($bytes);
        $notation = $table->notation();
        foreach ($table->rows($kind->columns(), $kind->needed(), $kind::most()) as $line => $texts) {
            yield $line => self::filled($texts, $line, $notation);
        }
    }

    /**
     * @param array<string, string> $texts
     *
     * @return array<string, Cell>
     */
    private static function filled(array $texts, int $line, Notation $notation): array
    {
        $cells = [];
        foreach (array_filter($texts, static fn(string $text): bool => $text !== '') as $column => $text) {
            $cells[$column] = new Cell($text, $line, $column, $notation);
        }

        return $cells;
    }
}
