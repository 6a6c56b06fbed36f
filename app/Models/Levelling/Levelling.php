<?php

declare(strict_types=1);

namespace App\Models\Levelling;

use App\Models\Access\User;
use App\Models\Concerns\BootsByName;
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
    use HasUlids;
    use MassPrunable;

    /** Days after which what was not applied is forgotten, and what was. */
    private const PLANS_KEPT = 7;
    private const KEPT = 365;

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
        $now = CarbonImmutable::now();

        return self::query()
            ->where('begun_at', '<', $now->subDays(self::KEPT))
            ->orWhere(
                static fn(Builder $plans): Builder => $plans
                    ->whereNull('applied_at')
                    ->where('begun_at', '<', $now->subDays(self::PLANS_KEPT)),
            );
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

    /**
     * Goes from one state to another, unless it is in that no longer.
     *
     * @param array<string, mixed> $with columns besides
     */
    public function goes(LevellingState $from, LevellingState $to, array $with = []): bool
    {
        $this->fill(['state' => $to] + $with);
        $gone =
            self::query()
                ->whereKey($this->id)
                ->where('state', $from)
                ->update($this->getDirty() + ['state' => $to]) === 1;
        $gone ? $this->syncOriginal() : $this->refresh();

        return $gone;
    }
}
