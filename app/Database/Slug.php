<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Str;

/** Names by which rows go in documents, made from what people call them. */
final class Slug
{
    private const LONGEST = 100;

    /** One that no other row has. */
    public static function free(string $name, Model $of): string
    {
        $slug = self::of($name, '-', self::LONGEST);
        $taken = [];
        foreach (
            $of
                ->newQuery()
                ->toBase()
                ->where('slug', 'like', "{$slug}%")
                ->get('slug')
            as $row
        ) {
            $taken[] = (new Row($row))->text('slug');
        }

        return self::untaken($slug, $taken, '-');
    }

    /**
     * One that none of those is.
     *
     * @param list<string> $taken
     * @param '-'|'_'      $joint between words
     */
    public static function among(string $name, array $taken, string $joint = '-', int $longest = 20): string
    {
        // Three places for a number.
        $code = self::of($name, $joint, $longest - 3);

        // What begins with a digit is no name in a path.
        return self::untaken(ctype_digit($code[0]) ? "a{$code}" : $code, $taken, $joint);
    }

    /** @param '-'|'_' $joint */
    private static function of(string $name, string $joint, int $longest): string
    {
        return trim(Str::limit(Str::slug($name, $joint), $longest, ''), $joint) ?: 'new';
    }

    /** @param list<string> $taken */
    private static function untaken(string $slug, array $taken, string $joint): string
    {
        for ($number = 2, $free = $slug; in_array($free, $taken, true); ++$number) {
            $free = "{$slug}{$joint}{$number}";
        }

        return $free;
    }
}
