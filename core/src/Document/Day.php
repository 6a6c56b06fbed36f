<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Time\LocalDate;

/**
 * Dates as documents have them, of years in which work may be done: what follows from one, years later, is still a
 * date.
 */
final class Day
{
    public const FIRST_YEAR = 1900;

    public const LAST_YEAR = 2999;

    /** @throws DocumentError */
    public static function read(Node $node): LocalDate
    {
        $text = $node->text();
        $date = $node->refuse(static fn(): LocalDate => LocalDate::parse($text));

        return self::isWithin((int) substr($text, 0, 4))
            ? $date
            : throw $node->fail(
                'A date in the years from {first} to {last} belongs here.',
                first: self::FIRST_YEAR,
                last: self::LAST_YEAR,
            );
    }

    public static function isWithin(int $year): bool
    {
        return $year >= self::FIRST_YEAR && $year <= self::LAST_YEAR;
    }
}
