<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use BackedEnum;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;

/**
 * Something that is looked at, then done, by a worker and by whoever steers it at once; with a "state" and when it was
 * "begun_at".
 */
trait GoesByState
{
    /**
     * Goes from one state to another, unless it is in that no longer.
     *
     * @param array<string, mixed> $with columns besides
     */
    public function goes(BackedEnum $from, BackedEnum $to, array $with = []): bool
    {
        $this->fill(['state' => $to] + $with);
        $gone =
            self::query()
                ->whereKey($this->id)
                ->where('state', $from)
                ->update(['state' => $to] + $this->getDirty()) === 1;
        $gone ? $this->syncOriginal() : $this->refresh();

        return $gone;
    }

    /**
     * What is forgotten: of what was never done after a week, of all else after a year.
     *
     * @param string $done column with when it was done
     *
     * @return Builder<self>
     */
    private static function outlived(string $done): Builder
    {
        $now = CarbonImmutable::now();

        return self::query()
            ->where('begun_at', '<', $now->subDays(365))
            ->orWhere(
                static fn(Builder $looks): Builder => $looks
                    ->whereNull($done)
                    ->where('begun_at', '<', $now->subDays(7)),
            );
    }
}
