<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** A moment at which something happens to a task by itself. */
final class Timer extends Model
{
    use BootsByName;


    protected $table = 'timers';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = [
        'due_at' => 'immutable_datetime',
        'fired_at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }
}
