<?php

declare(strict_types=1);

namespace App\Models\Sweeps;

use App\Models\Concerns\BootsByName;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use OpenBaton\Core\Sweep\SweptState as ComesTo;

/**
 * What a sweep would do, or has done, with one task; its key is the run with the place.
 *
 * @property SweptState              $state
 * @property ComesTo                 $comes_to
 * @property array<array-key, mixed> $difference
 * @property list<string>            $answered   ids of rules
 */
final class SweptTask extends Model
{
    use BootsByName;

    protected $table = 'swept_tasks';

    public $timestamps = false;

    public $incrementing = false;

    protected $guarded = [];

    protected $casts = [
        'state' => SweptState::class,
        'comes_to' => ComesTo::class,
        'difference' => 'array',
        'answered' => 'array',
        'otherwise' => 'boolean',
        'undo' => 'array',
    ];

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /**
     * Writes what has become of it.
     *
     * @param array<string, mixed> $with columns besides
     */
    public function put(SweptState $state, array $with = []): void
    {
        $this->fill(['state' => $state] + $with);
        self::query()
            ->where('sweep_run_id', $this->sweep_run_id)
            ->where('place', $this->place)
            ->update($this->getDirty());
        $this->syncOriginal();
    }
}
