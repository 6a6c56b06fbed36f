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
use OpenBaton\Core\Subject\HouseSubject;
use OpenBaton\Core\Subject\SubjectKind;
use OpenBaton\Core\Timer\Occurrence;

/** That something has happened to a subject by itself, or is put down to: by a schedule, or since it has failed. */
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
     * @return array{key: string, task_id: string|null, case_id: string|null, customer_id: string|null,
     *     timer: string|null, due_at: string} of one that is still to happen; for the house it names nothing
     */
    public static function columns(Occurrence $one): array
    {
        $of = static fn(SubjectKind $kind): ?string => $one->about() === $kind ? $one->subjectId : null;

        return [
            'key' => $one->key,
            'task_id' => $of(SubjectKind::Task),
            'case_id' => $of(SubjectKind::Matter),
            'customer_id' => $of(SubjectKind::Customer),
            'timer' => $one->timer?->id,
            'due_at' => Stamp::of($one->at),
        ];
    }

    /** For whom it is: by its id. */
    public function subjectId(): string
    {
        return (string) ($this->task_id ?? ($this->case_id ?? ($this->customer_id ?? HouseSubject::ID)));
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
