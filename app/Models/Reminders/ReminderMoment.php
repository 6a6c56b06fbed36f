<?php

declare(strict_types=1);

namespace App\Models\Reminders;

use App\Models\Concerns\BootsByName;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\MassPrunable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** When a reminder is due on a task, for the date that it hangs on; once it was given it stays, so that it is once. */
final class ReminderMoment extends Model
{
    use BootsByName;
    use MassPrunable;

    private const KEPT_DAYS = 400;

    protected $table = 'reminder_moments';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['at' => 'immutable_datetime', 'given_at' => 'immutable_datetime'];

    /** @return Builder<self> */
    public function prunable(): Builder
    {
        return self::query()->where('given_at', '<', now()->subDays(self::KEPT_DAYS));
    }

    /** @return BelongsTo<Reminder, $this> */
    public function reminder(): BelongsTo
    {
        return $this->belongsTo(Reminder::class);
    }

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /** @param Builder<self> $query */
    public function scopeToCome(Builder $query): void
    {
        $query->whereNull('given_at');
    }
}
