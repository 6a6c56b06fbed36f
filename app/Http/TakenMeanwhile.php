<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Validation\ValidationException;

/**
 * Two made the same at one moment: the database has let one of them, and the other is refused as if it had come later.
 */
final class TakenMeanwhile
{
    public static function of(UniqueConstraintViolationException $error): ValidationException
    {
        // "Duplicate entry 'x' for key 'users_email_unique'": the table, the column, that it is unique.
        preg_match("/for key '(?:[a-z_]+\\.)?([a-z_]+?)_unique'/", $error->getMessage(), $found);
        $column = preg_replace('/^.*_(?=[a-z]+$)/', '', $found[1] ?? '') ?? '';

        return Invalid::at(
            $column === '' ? 'name' : $column,
            'There is one of that already: it was made a moment ago.',
        );
    }
}
