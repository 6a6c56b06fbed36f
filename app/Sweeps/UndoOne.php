<?php

declare(strict_types=1);

namespace App\Sweeps;

use App\Bridge\Houses;
use App\Bridge\Occasion;
use App\Models\Sweeps\SweepRun;
use App\Models\Sweeps\SweptState;
use App\Models\Sweeps\SweptTask;
use App\Tasks\PutBack;
use App\Tasks\Undoing;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Subject\Cause;

/** Takes back what a sweep and the rules that answered it have done on account of one task. */
final readonly class UndoOne
{
    public function __construct(private Houses $houses, private PutBack $putBack) {}

    public function __invoke(SweepRun $run, int $place, string $userId): void
    {
        DB::transaction(function () use ($run, $place, $userId): void {
            $locked = $this->houses->lock();
            $row = SweptTask::query()
                ->where('sweep_run_id', $run->id)
                ->where('place', $place)
                ->lockForUpdate()
                ->firstOrFail();
            if ($row->state !== SweptState::Carried) {
                return;
            }
            $at = CarbonImmutable::now()->getTimestamp();
            $whole = ($this->putBack)(
                Undoing::read($row->undo),
                $locked,
                new Occasion($at, Cause::Person, 'sweep_undone', $userId, reason: $run->name),
                "sweep-undone-{$run->id}",
            );
            $row->put($whole ? SweptState::Undone : SweptState::Partly);
        }, attempts: 3);
    }
}
