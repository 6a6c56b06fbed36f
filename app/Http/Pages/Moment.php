<?php

declare(strict_types=1);

namespace App\Http\Pages;

use DateTimeInterface;
use OpenBaton\Core\Document\Instant;

/** Moments as RFC 3339 in UTC. */
final class Moment
{
    public static function of(DateTimeInterface $moment): string
    {
        return Instant::format($moment->getTimestamp());
    }

    public static function orNull(?DateTimeInterface $moment): ?string
    {
        return $moment === null ? null : self::of($moment);
    }
}
