<?php

declare(strict_types=1);

namespace App\Database;

use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;

/** An instant as the tables keep it: in UTC, to the second. */
final class Stamp
{
    /** What a column of the tables can hold, whole years of it. */
    public const FIRST_YEAR = 1971;

    public const LAST_YEAR = 2037;

    /**
     * A moment that the tables can hold.
     *
     * @throws DocumentError
     */
    public static function instant(Node $node): int
    {
        $instant = $node->instant();
        $year = (int) gmdate('Y', $instant);

        return $year >= self::FIRST_YEAR && $year <= self::LAST_YEAR
            ? $instant
            : throw $node->fail('A moment in the years from {first} to {last} belongs here.', first: self::FIRST_YEAR, last: self::LAST_YEAR);
    }

    public static function of(int $instant): string
    {
        return gmdate('Y-m-d H:i:s', $instant);
    }

    public static function orNull(?int $instant): ?string
    {
        return $instant === null ? null : self::of($instant);
    }
}
