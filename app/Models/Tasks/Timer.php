<?php

declare(strict_types=1);

namespace App\Models\Tasks;

use App\Database\Stamp;
use App\Models\Cases\CustomerCase;
use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\MassPrunable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use OpenBaton\Core\Timer\Occurrence;

/** That something has happened to a task by itself, or is put down to happen: by a schedule, or since it has failed. */
final class Timer extends Model
{
    use BootsByName;
    use MassPrunable;

    /**
     * Days for which it is kept that something has happened: no clock is set back as far, and nothing falls due as
     * late.
     */
    private const KEPT_DAYS = 28;

    protected $table = 'timers';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = [
        'due_at' => 'immutable_datetime',
        'fired_at' => 'immutable_datetime',
    ];

    /** @return Builder<self> what happened long ago, and was meant for then */
    public function prunable(): Builder
    {
        $then = now()->subDays(self::KEPT_DAYS);

        return self::query()->where('fired_at', '<', $then)->where('due_at', '<', $then);
    }

    /**
     * @return array{key: string, task_id: string|null, case_id: string|null, timer: string|null, due_at: string} of
     *     one that is still to happen
     */
    public static function columns(Occurrence $one): array
    {
        return [
            'key' => $one->key,
            'task_id' => $one->isOfCase() ? null : $one->subjectId,
            'case_id' => $one->isOfCase() ? $one->subjectId : null,
            'timer' => $one->timer?->id,
            'due_at' => Stamp::of($one->at),
        ];
    }

    /** @return BelongsTo<CustomerCase, $this> */
    public function case(): BelongsTo
    {
        return $this->belongsTo(CustomerCase::class, 'case_id');
    }

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }
}
