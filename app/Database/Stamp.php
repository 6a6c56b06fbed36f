<?php

declare(strict_types=1);

namespace App\Database;

/** An instant as the tables keep it: in UTC, to the second. */
final class Stamp
{
    public static function of(int $instant): string
    {
        return gmdate('Y-m-d H:i:s', $instant);
    }

    public static function orNull(?int $instant): ?string
    {
        return $instant === null ? null : self::of($instant);
    }
}
