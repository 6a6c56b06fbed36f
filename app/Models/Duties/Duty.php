<?php

declare(strict_types=1);

namespace App\Models\Duties;

use App\Models\Casts\Document;
use App\Models\Concerns\BootsByName;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Eloquent\SoftDeletes;

/** A task that comes back. One that is ended is kept, with its dates. */
final class Duty extends Model
{
    use BootsByName;
    use HasUlids;
    use SoftDeletes;

    protected $table = 'duties';

    protected $guarded = [];

    /** What it says is a document, and the rest is worked out from that: the trail does not tell of it. */
    protected $hidden = ['document', 'through', 'made', 'next_at', 'next_date', 'waits', 'deleted_at'];

    protected $casts = [
        'document' => Document::class,
        'through' => 'immutable_date',
        'next_at' => 'immutable_datetime',
        'next_date' => 'immutable_date',
        'waits' => 'boolean',
    ];

    /** @return HasMany<DutyDate, $this> */
    public function dates(): HasMany
    {
        return $this->hasMany(DutyDate::class);
    }

    /** @return HasOne<DutyDate, $this> */
    public function lastDate(): HasOne
    {
        return $this->hasOne(DutyDate::class)->ofMany('key', 'max');
    }

    /** @return HasMany<Task, $this> */
    public function tasks(): HasMany
    {
        return $this->hasMany(Task::class);
    }

    /**
     * Of which a date has come, or whose open task has been done on which it waited.
     *
     * @param Builder<self> $query
     */
    public function scopeDue(Builder $query, CarbonImmutable $now): void
    {
        $query->where(
            static fn(Builder $either): Builder => $either
                ->where('next_at', '<=', $now)
                ->orWhere(
                    static fn(Builder $waits): Builder => $waits
                        ->where('waits', true)
                        ->whereDoesntHave('tasks', static fn(Builder $tasks): Builder => $tasks->open()),
                ),
        );
    }
}
