<?php

declare(strict_types=1);

namespace App\Models\Events;

use App\Models\Concerns\BootsByName;
use App\Models\Concerns\LocksOneRow;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/** How far the clock has looked at one thing; whoever looks holds it. */
final class ClockMark extends Model
{
    use BootsByName;
    use LocksOneRow;

    protected $table = 'clock_marks';

    protected $primaryKey = 'name';

    protected $keyType = 'string';

    public $incrementing = false;

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['until' => 'immutable_datetime'];

    /** Whether so many minutes are over since somebody has looked; whoever asks first looks. */
    public static function isOver(string $name, int $minutes, CarbonImmutable $now): bool
    {
        self::query()->insertOrIgnore(['name' => $name, 'until' => $now->subMinutes($minutes)]);

        return self::query()
            ->whereKey($name)
            ->where('until', '<=', $now->subMinutes($minutes))
            ->update(['until' => $now]) === 1;
    }

    /**
     * Within a transaction, which holds it from then on: goes on to a moment.
     *
     * @return CarbonImmutable from which on it goes; the moment itself where it is the first time, or behind
     */
    public static function advance(string $name, CarbonImmutable $to): CarbonImmutable
    {
        $mark = self::lockedOrNew($name, ['until' => $to]);
        $from = $mark->until;
        if ($from >= $to) {
            return $to;
        }
        $mark->update(['until' => $to]);

        return $from;
    }
}
