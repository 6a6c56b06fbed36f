<?php

declare(strict_types=1);

namespace App\Models\Tasks;

use App\Models\Concerns\BootsByName;
use App\Models\People\Person;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** That somebody worked on a task from one moment to another, or has since; nobody has two that run. */
final class WorkSpan extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'work_spans';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = [
        'begun_at' => 'immutable_datetime',
        'ended_at' => 'immutable_datetime',
        'running' => 'boolean',
    ];

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @param Builder<self> $query */
    public function scopeRunning(Builder $query): void
    {
        $query->where('running', true);
    }
}
