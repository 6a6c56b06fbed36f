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
        $slug = Str::limit(Str::slug($name), self::LONGEST, '') ?: 'new';
        $taken = [];
        foreach (
            $of
                ->newQuery()
                ->toBase()
                ->where('slug', 'like', "{$slug}%")
                ->get('slug')
            as $row
        ) {
            $taken[(new Row($row))->text('slug')] = true;
        }
        for ($number = 2, $free = $slug; isset($taken[$free]); ++$number) {
            $free = "{$slug}-{$number}";
        }

        return $free;
    }
}
