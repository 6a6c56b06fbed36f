<?php

declare(strict_types=1);

namespace App\Tables;

/** A row of a table that comes in. */
final readonly class ImportRow
{
    /** @param array<string, mixed> $document what it says */
    public function __construct(public int $line, public array $document) {}
}
