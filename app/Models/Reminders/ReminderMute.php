<?php

declare(strict_types=1);

namespace App\Models\Reminders;

use App\Models\Concerns\BootsByName;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** What somebody does not want to be reminded of: one reminder on all tasks, or whatever comes of one task. */
final class ReminderMute extends Model
{
    use BootsByName;

    protected $table = 'reminder_mutes';

    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }
}
