<?php

declare(strict_types=1);

namespace App\Database;

/** What somebody looks for, as the database's index of words asks for it. */
final class SearchWords
{
    /** The index has no shorter words. */
    private const SHORTEST = 3;

    /** Nor these (innodb_ft_default_stopword): to ask for one of them finds nothing. */
    private const NOT_INDEXED = [
        'about',
        'are',
        'com',
        'for',
        'from',
        'how',
        'that',
        'the',
        'this',
        'und',
        'was',
        'what',
        'when',
        'where',
        'who',
        'will',
        'with',
        'www',
    ];

    /** @return int|null the number that is asked for, such as "№ 114"; null: words are */
    public static function number(string $text): ?int
    {
        $number = ltrim($text, '№# ');

        return ctype_digit($number) && strlen($number) < 10 ? (int) $number : null;
    }

    /** @return string|null each word, or its beginning, has to be there; null: there is no word to look for */
    public static function of(string $text): ?string
    {
        preg_match_all('/[\p{L}\p{N}]+/u', $text, $found);
        $words = array_filter(
            $found[0],
            static fn(string $word): bool => mb_strlen($word) >= self::SHORTEST &&
                !in_array(mb_strtolower($word), self::NOT_INDEXED, true),
        );

        return $words === [] ? null : implode(' ', array_map(static fn(string $word): string => "+{$word}*", $words));
    }
}
