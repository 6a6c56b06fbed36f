<?php

declare(strict_types=1);

namespace App\Models\Levelling;

use App\Models\Access\User;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\GoesByState;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\MassPrunable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A plan of who else should have which task, with what became of it.
 *
 * @property LevellingState       $state
 * @property array<string, mixed> $terms
 * @property list<string>         $teams slugs; none: everybody
 * @property array<string, mixed>|null $problem
 * @property array<string, mixed>|null $result
 * @property array<string, mixed>|null $undo
 * @property CarbonImmutable      $at
 * @property CarbonImmutable      $until
 * @property CarbonImmutable      $begun_at
 * @property CarbonImmutable|null $ready_at
 * @property CarbonImmutable|null $applied_at
 * @property CarbonImmutable|null $undone_at
 */
final class Levelling extends Model
{
    use BootsByName;
    use GoesByState;
    use HasUlids;
    use MassPrunable;

    protected $table = 'levellings';

    public $timestamps = false;

    protected $guarded = [];

    protected $attributes = ['steps' => 0];

    protected $casts = [
        'state' => LevellingState::class,
        'teams' => 'array',
        'terms' => 'array',
        'problem' => 'array',
        'result' => 'array',
        'undo' => 'array',
        'at' => 'immutable_datetime',
        'until' => 'immutable_datetime',
        'begun_at' => 'immutable_datetime',
        'ready_at' => 'immutable_datetime',
        'applied_at' => 'immutable_datetime',
        'undone_at' => 'immutable_datetime',
    ];

    /** @return Builder<self> */
    public function prunable(): Builder
    {
        return self::outlived('applied_at');
    }

    /**
     * Without what there was to level and what it takes to undo it, which are long.
     *
     * @param Builder<self> $query
     */
    public function scopeShort(Builder $query): void
    {
        $query->select([
            'id',
            'user_id',
            'state',
            'teams',
            'terms',
            'at',
            'until',
            'result',
            'steps',
            'budget',
            'why',
            'begun_at',
            'applied_at',
            'applied_by',
            'undone_at',
        ]);
    }

    /** @return BelongsTo<User, $this> who asked for it */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<User, $this> */
    public function appliedBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'applied_by');
    }

    /** @return HasMany<LevelledMove, $this> */
    public function moves(): HasMany
    {
        return $this->hasMany(LevelledMove::class)->orderBy('place');
    }
}
