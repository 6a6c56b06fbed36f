<?php

declare(strict_types=1);

namespace App\Models\Duties;

use App\Models\Concerns\BootsByName;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use OpenBaton\Core\Flow\Duty\DutyMissed;

/** A date of a duty that has come: a task was made for it, or it was missed. Each is there once. */
final class DutyDate extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'duty_dates';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = [
        'key' => 'immutable_date',
        'date' => 'immutable_date',
        'missed' => DutyMissed::class,
        'at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<Duty, $this> */
    public function duty(): BelongsTo
    {
        return $this->belongsTo(Duty::class);
    }

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }
}
