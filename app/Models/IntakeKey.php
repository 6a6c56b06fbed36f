<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** What was taken in under an idempotency key. */
final class IntakeKey extends Model
{
    use BootsByName;

    protected $table = 'intake_keys';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = [
        'created_at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }
}
