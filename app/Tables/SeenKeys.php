<?php

declare(strict_types=1);

namespace App\Tables;

use OpenBaton\Core\Document\DocumentError;

/** The keys that have come in a table, each with its line. */
final class SeenKeys
{
    /** @var array<string, int> line by key */
    private array $lines = [];

    /** @throws DocumentError where another line has the same key */
    public function add(ImportRow $row): void
    {
        $key = $row->key();
        if ($key === null) {
            return;
        }
        if (isset($this->lines[$key])) {
            throw DocumentError::at('/key', 'This key is in line {line} as well.', line: $this->lines[$key]);
        }
        $this->lines[$key] = $row->line;
    }
}
