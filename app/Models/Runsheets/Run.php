<?php

declare(strict_types=1);

namespace App\Models\Runsheets;

use App\Models\Access\User;
use App\Models\Cases\CustomerCase;
use App\Models\Concerns\BootsByName;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use OpenBaton\Core\Flow\Run\RunState;
use OpenBaton\Core\Flow\Run\StepState;

/** One start of a runsheet, of a task, a case, or nothing. */
final class Run extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'runs';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = [
        'state' => RunState::class,
        'started_at' => 'immutable_datetime',
        'over_at' => 'immutable_datetime',
        'wakes_at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<Runsheet, $this> */
    public function runsheet(): BelongsTo
    {
        return $this->belongsTo(Runsheet::class);
    }

    /** @return BelongsTo<RunsheetVersion, $this> */
    public function version(): BelongsTo
    {
        return $this->belongsTo(RunsheetVersion::class, 'version_id');
    }

    /** @return BelongsTo<self, $this> whose step started it */
    public function parent(): BelongsTo
    {
        return $this->belongsTo(self::class, 'parent_id');
    }

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /** @return BelongsTo<CustomerCase, $this> */
    public function case(): BelongsTo
    {
        return $this->belongsTo(CustomerCase::class);
    }

    /** @return BelongsTo<User, $this> */
    public function starter(): BelongsTo
    {
        return $this->belongsTo(User::class, 'started_by');
    }

    /** @return HasMany<RunBlock, $this> */
    public function blocks(): HasMany
    {
        return $this->hasMany(RunBlock::class);
    }

    /** @return HasMany<RunBlock, $this> what is open in it, or has stopped */
    public function waiting(): HasMany
    {
        return $this->blocks()
            ->whereIn('state', [StepState::Open, StepState::Stopped])
            ->orderBy('id');
    }

    /** @param Builder<self> $query */
    public function scopeRunning(Builder $query): void
    {
        $query->where('state', RunState::Running);
    }

    /** @param Builder<self> $query */
    public function scopeOfSubject(Builder $query, Task|CustomerCase $of): void
    {
        $query->where($of instanceof Task ? 'task_id' : 'case_id', $of->id);
    }

    /** @return list<string> slugs of the runsheets of which a run on a case was finished since an instant */
    public static function finishedOn(string $caseId, int $since): array
    {
        return array_values(
            self::query()
                ->where('case_id', $caseId)
                ->where('state', RunState::Finished)
                ->where('over_at', '>=', CarbonImmutable::createFromTimestampUTC($since))
                ->with('runsheet:id,slug')
                ->get()
                ->map(static fn(self $run): string => (string) $run->runsheet?->slug)
                ->unique()
                ->all(),
        );
    }
}
