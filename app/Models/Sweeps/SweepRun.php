<?php

declare(strict_types=1);

namespace App\Models\Sweeps;

use App\Models\Access\User;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\GoesByState;
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
    use GoesByState;
    use HasUlids;
    use MassPrunable;

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
        return self::outlived('carried_at');
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
     * Stops by itself, or is stopped, unless it is in that state no longer.
     *
     * @param string|null $why null: somebody stopped it
     */
    public function stops(SweepState $from, ?string $why = null): void
    {
        $this->goes($from, SweepState::Stopped, ['ended_at' => CarbonImmutable::now(), 'why' => $why]);
    }
}
