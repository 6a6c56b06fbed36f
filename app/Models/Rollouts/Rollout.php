<?php

declare(strict_types=1);

namespace App\Models\Rollouts;

use App\Models\Access\User;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\GoesByState;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use OpenBaton\Core\Workload\TaskStatus;

/**
 * A series of tasks, one for each of many nodes of a tree.
 *
 * @property RolloutState         $state
 * @property CarbonImmutable      $begun_at
 * @property CarbonImmutable|null $makes_at
 * @property CarbonImmutable|null $due_at
 * @property CarbonImmutable|null $ended_at
 * @property CarbonImmutable      $moved_at
 */
final class Rollout extends Model
{
    use BootsByName;
    use GoesByState;
    use HasUlids;

    protected $table = 'rollouts';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = [
        'document' => 'array',
        'state' => RolloutState::class,
        'begun_at' => 'immutable_datetime',
        'makes_at' => 'immutable_datetime',
        'due_at' => 'immutable_datetime',
        'ended_at' => 'immutable_datetime',
        'moved_at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<User, $this> */
    public function beginner(): BelongsTo
    {
        return $this->belongsTo(User::class, 'begun_by');
    }

    /** @return HasMany<RolloutNode, $this> in the order of the tree */
    public function nodes(): HasMany
    {
        return $this->hasMany(RolloutNode::class)->orderBy('place');
    }

    /** Whether somebody works, or has worked, on a task of it. */
    public function isBegun(): bool
    {
        return $this->nodes()
            ->whereHas(
                'task',
                static fn(Builder $task): Builder => $task->whereNotIn('status', [
                    TaskStatus::New,
                    TaskStatus::Dropped,
                ]),
            )
            ->exists();
    }

    /** @return HasMany<RolloutNode, $this> those that are left to whoever makes it, or takes it back */
    public function left(): HasMany
    {
        return $this->leaves()->whereIn(
            'state',
            match ($this->state) {
                RolloutState::Making => [NodeState::Planned],
                RolloutState::Undoing => [NodeState::Planned, NodeState::Made],
                default => [],
            },
        );
    }

    /** @return HasMany<RolloutNode, $this> those that have a task, or are to have one */
    public function leaves(): HasMany
    {
        return $this->nodes()->whereNotNull('state');
    }
}
