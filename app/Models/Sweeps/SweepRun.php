<?php

declare(strict_types=1);

namespace App\Models\Sweeps;

use App\Models\Access\User;
use App\Models\Concerns\BootsByName;
use App\Models\Rules\RulebookVersion;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\MassPrunable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A sweep, or a rule that is applied, over chosen tasks: what it would do, has done and has taken back.
 *
 * @property SweepState           $state
 * @property CarbonImmutable      $begun_at
 * @property CarbonImmutable|null $carried_at
 * @property CarbonImmutable|null $ended_at
 * @property CarbonImmutable|null $undone_at
 * @property int|null             $carried    where it is counted: how many tasks it has changed
 */
final class SweepRun extends Model
{
    use BootsByName;
    use HasUlids;
    use MassPrunable;

    /** Days after which what was only looked at is forgotten, and what was carried out. */
    private const LOOKS_KEPT = 7;
    private const KEPT = 365;

    protected $table = 'sweep_runs';

    public $timestamps = false;

    protected $guarded = [];

    protected $attributes = ['total' => 0, 'looked' => 0];

    protected $casts = [
        'document' => 'array',
        'chosen' => 'array',
        'state' => SweepState::class,
        'loads' => 'array',
        'begun_at' => 'immutable_datetime',
        'carried_at' => 'immutable_datetime',
        'ended_at' => 'immutable_datetime',
        'undone_at' => 'immutable_datetime',
    ];

    /** @return Builder<self> */
    public function prunable(): Builder
    {
        $now = CarbonImmutable::now();

        return self::query()
            ->where('begun_at', '<', $now->subDays(self::KEPT))
            ->orWhere(
                static fn(Builder $looks): Builder => $looks
                    ->whereNull('carried_at')
                    ->where('begun_at', '<', $now->subDays(self::LOOKS_KEPT)),
            );
    }

    /** @return BelongsTo<User, $this> who started it */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<RulebookVersion, $this> that was in force when it was looked at */
    public function version(): BelongsTo
    {
        return $this->belongsTo(RulebookVersion::class, 'rulebook_version_id');
    }

    /** @return HasMany<SweptTask, $this> */
    public function tasks(): HasMany
    {
        return $this->hasMany(SweptTask::class);
    }

    /**
     * Goes from one state to another, unless it is in that no longer.
     *
     * @param array<string, mixed> $with columns besides
     */
    public function goes(SweepState $from, SweepState $to, array $with = []): bool
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
     * Stops by itself, or is stopped, unless it is in that state no longer.
     *
     * @param string|null $why null: somebody stopped it
     */
    public function stops(SweepState $from, ?string $why = null): void
    {
        $this->goes($from, SweepState::Stopped, ['ended_at' => CarbonImmutable::now(), 'why' => $why]);
    }
}
