<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;

/** Something to be done by somebody. */
final class Task extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'tasks';

    protected $guarded = [];

    protected $casts = [
        'status' => TaskStatus::class,
        'priority' => Priority::class,
        'facts' => 'array',
        'tags' => 'array',
        'starts_at' => 'immutable_datetime',
        'due_at' => 'immutable_datetime',
        'arrived_at' => 'immutable_datetime',
        'started_at' => 'immutable_datetime',
        'completed_at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<TaskKind, $this> */
    public function kind(): BelongsTo
    {
        return $this->belongsTo(TaskKind::class, 'task_kind_id');
    }

    /** @return BelongsTo<Customer, $this> */
    public function customer(): BelongsTo
    {
        return $this->belongsTo(Customer::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function assignee(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'assignee_id');
    }

    /** @return HasMany<Handoff, $this> */
    public function handoffs(): HasMany
    {
        return $this->hasMany(Handoff::class);
    }

    /** @return BelongsToMany<Person, $this> */
    public function claimants(): BelongsToMany
    {
        return $this->belongsToMany(Person::class, 'task_claimants');
    }
}
