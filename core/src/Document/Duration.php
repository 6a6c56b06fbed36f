<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

/** Lengths of time in ISO 8601. */
final class Duration
{
    public static function format(int $minutes): string
    {
        [$hours, $rest] = [intdiv($minutes, 60), $minutes % 60];

        return 'PT'.($hours > 0 ? "{$hours}H" : '').($rest > 0 || $hours === 0 ? "{$rest}M" : '');
    }
}
