<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use App\Models\Events\ClockMark;
use Carbon\CarbonImmutable;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Support\Facades\Cache;

/**
 * A job that works something out each hour, and when somebody looks at what is older than some minutes; one waits at a
 * time. Its mark of the clock is MARK.
 */
trait WorksOutEachHour
{
    use Dispatchable;
    use Queueable;

    private const MINUTES = 60;

    /** Minutes after which it is worked out anew when somebody looks. */
    private const FRESH = 10;

    public int $tries = 2;

    public int $timeout = 300;

    public int $uniqueFor = 300;

    public function uniqueVia(): Repository
    {
        return Cache::store('database');
    }

    /** Whether it is time to look again; whoever asks first has it. */
    public static function isDue(CarbonImmutable $now): bool
    {
        return ClockMark::isOver(self::MARK, self::MINUTES, $now);
    }

    /** @param CarbonImmutable|null $at when what somebody looks at was worked out; null: never */
    public static function seen(?CarbonImmutable $at): void
    {
        if ($at === null || $at->lessThan(CarbonImmutable::now()->subMinutes(self::FRESH))) {
            self::dispatch();
        }
    }
}
