<?php

declare(strict_types=1);

namespace App\Models\Approvals;

use App\Models\Access\User;
use App\Models\Cases\CustomerCase;
use App\Models\Casts\Document;
use App\Models\Concerns\BootsByName;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use OpenBaton\Core\Flow\ApprovalOutcome;

/** A yes or no that some people have to give on a task or a case. */
final class Approval extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'approvals';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = [
        'state' => Document::class,
        'outcome' => ApprovalOutcome::class,
        'asked_at' => 'immutable_datetime',
        'latest_at' => 'immutable_datetime',
        'settled_at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<Task, $this> what is to be approved, where it is a task */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /** @return BelongsTo<CustomerCase, $this> what is to be approved, where it is a case */
    public function case(): BelongsTo
    {
        return $this->belongsTo(CustomerCase::class);
    }

    /** @return BelongsTo<User, $this> */
    public function asker(): BelongsTo
    {
        return $this->belongsTo(User::class, 'asked_by');
    }

    /** @return HasMany<Task, $this> of those who are asked */
    public function tasks(): HasMany
    {
        return $this->hasMany(Task::class);
    }

    /** @param Builder<self> $query */
    public function scopeOpen(Builder $query): void
    {
        $query->whereNull('outcome');
    }
}
