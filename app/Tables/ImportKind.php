<?php

declare(strict_types=1);

namespace App\Tables;

use App\Models\House\TableImport;
use OpenBaton\Core\Document\DocumentError;

/** What comes in as a table: customers, places, tasks. */
interface ImportKind
{
    /** By which addresses and rows know it. */
    public static function code(): string;

    /** Rows that are taken at once. */
    public static function most(): int;

    /** @return array<string, list<string>> what the heading may call each column besides its code */
    public function columns(): array;

    /** @return list<list<string>> columns of which one has to be there, of each list */
    public function needed(): array;

    /**
     * @param array<string, Cell> $cells those that are not empty
     *
     * @return array<string, mixed> what the row says
     *
     * @throws DocumentError by line and column
     */
    public function document(array $cells): array;

    /**
     * @param list<ImportRow> $rows
     *
     * @return list<ImportVerdict> what each would do as things are, in a bounded number of queries
     */
    public function look(array $rows): array;

    /**
     * Carries a piece out; done again, it changes nothing more.
     *
     * @param list<ImportRow> $rows
     *
     * @return list<ImportVerdict> what each has done
     */
    public function carryOut(array $rows, TableImport $import): array;
}
