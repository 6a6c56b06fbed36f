<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use Carbon\CarbonImmutable;
use Illuminate\Support\Carbon;

/** The clock while the demo lives through its weeks. */
final class DemoClock
{
    /** @param int $instant that it is */
    public static function at(int $instant): void
    {
        Carbon::setTestNow(Carbon::createFromTimestampUTC($instant));
        CarbonImmutable::setTestNow(CarbonImmutable::createFromTimestampUTC($instant));
    }

    /** It is what it is. */
    public static function letGo(): void
    {
        Carbon::setTestNow();
        CarbonImmutable::setTestNow();
    }
}
