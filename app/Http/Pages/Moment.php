<?php

declare(strict_types=1);

namespace App\Http\Pages;

use DateTimeInterface;

/** Moments as RFC 3339 in UTC. */
final class Moment
{
    public static function of(DateTimeInterface $moment): string
    {
        return self::instant($moment->getTimestamp());
    }

    public static function orNull(?DateTimeInterface $moment): ?string
    {
        return $moment === null ? null : self::of($moment);
    }

    public static function instant(int $at): string
    {
        return gmdate('Y-m-d\TH:i:s\Z', $at);
    }
}
