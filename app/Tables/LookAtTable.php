<?php

declare(strict_types=1);

namespace App\Tables;

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
        $table = Table::of($bytes);
        $rows = $verdicts = [];
        foreach ($table->rows($kind->columns(), $kind->needed(), $kind::most()) as $line => $texts) {
            $cells = [];
            foreach ($texts as $column => $text) {
                if ($text !== '') {
                    $cells[$column] = new Cell($text, $line, $column, $table->decimal());
                }
            }
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
}
