<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** What somebody should know of because it was not their own doing. */
final class Notice extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'notices';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['kind' => NoticeKind::class, 'at' => 'immutable_datetime', 'seen_at' => 'immutable_datetime'];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function other(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'other_id');
    }

    /** @param Builder<self> $query */
    public function scopeUnseen(Builder $query): void
    {
        $query->whereNull('seen_at');
    }
}
