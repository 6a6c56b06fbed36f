<?php

declare(strict_types=1);

namespace App\Models\Events;

use App\Models\Concerns\BootsByName;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/** How far a consumer of domain events has come. */
final class EventPosition extends Model
{
    use BootsByName;

    protected $table = 'event_positions';

    protected $primaryKey = 'consumer';

    protected $keyType = 'string';

    public $incrementing = false;

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['next_try_at' => 'immutable_datetime'];

    /**
     * There is nothing for it by then. What was written since has greater numbers; whoever hands it something meanwhile
     * has come farther.
     */
    public static function passOver(string $consumer, int $position): void
    {
        self::query()
            ->whereKey($consumer)
            ->where('position', '<', $position)
            ->update(['position' => $position]);
    }

    /**
     * How far all of them have come.
     *
     * @param list<string> $consumers
     */
    public static function ofAll(array $consumers): int
    {
        $positions = self::query()
            ->whereIn('consumer', $consumers)
            ->get()
            ->map(static fn(self $one): int => $one->position)
            ->all();

        return count($positions) < count($consumers) || $positions === [] ? 0 : min($positions);
    }

    /** Whether what failed is to be tried again only later. */
    public function isPausing(): bool
    {
        return $this->next_try_at !== null && $this->next_try_at > CarbonImmutable::now();
    }

    /** @param int $event number of the last event that is done with */
    public function comeTo(int $event): void
    {
        $this->update(['position' => $event, 'failures' => 0, 'next_try_at' => null]);
    }
}
