<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Support\Str;

/** The id of a row that is written without a model: as models make theirs. */
final class Id
{
    public static function next(): string
    {
        return strtolower((string) Str::ulid());
    }
}
