<?php

declare(strict_types=1);

namespace App\Models\Runsheets;

use App\Models\Approvals\Approval;
use App\Models\Concerns\BootsByName;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use OpenBaton\Core\Flow\ApprovalOutcome;
use OpenBaton\Core\Flow\Run\StepState;
use OpenBaton\Core\Flow\Run\StepWhy;

/** A round of a block of a run, with what its step has made. */
final class RunBlock extends Model
{
    use BootsByName;

    protected $table = 'run_blocks';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = [
        'state' => StepState::class,
        'why' => StepWhy::class,
        'answer' => ApprovalOutcome::class,
        'reached_at' => 'immutable_datetime',
        'settled_at' => 'immutable_datetime',
        'wakes_at' => 'immutable_datetime',
        'due_at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<Run, $this> */
    public function run(): BelongsTo
    {
        return $this->belongsTo(Run::class);
    }

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /** @return BelongsTo<Approval, $this> */
    public function approval(): BelongsTo
    {
        return $this->belongsTo(Approval::class);
    }

    /** @return BelongsTo<Run, $this> */
    public function child(): BelongsTo
    {
        return $this->belongsTo(Run::class, 'child_id');
    }
}
