<?php

declare(strict_types=1);

namespace App\Models\Rollouts;

use App\Models\Concerns\BootsByName;
use App\Models\Customers\Customer;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** A node of a rollout: one that has a task, or lies above such. */
final class RolloutNode extends Model
{
    use BootsByName;

    protected $table = 'rollout_nodes';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['state' => NodeState::class];

    /** @return BelongsTo<Rollout, $this> */
    public function rollout(): BelongsTo
    {
        return $this->belongsTo(Rollout::class);
    }

    /** @return BelongsTo<Person, $this> whose the task is to be; null: the rules say */
    public function holder(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'holder_id');
    }

    /** @return BelongsTo<Person, $this> */
    public function reviewer(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'reviewer_id');
    }

    /** @return BelongsTo<Customer, $this> */
    public function customer(): BelongsTo
    {
        return $this->belongsTo(Customer::class);
    }

    /** @return BelongsTo<Task, $this> null: there is none yet */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }
}
