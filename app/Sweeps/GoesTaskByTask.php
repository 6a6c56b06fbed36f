<?php

declare(strict_types=1);

namespace App\Sweeps;

use App\Models\Concerns\GoesPieceByPiece;
use App\Models\Sweeps\SweepRun;
use App\Models\Sweeps\SweepState;
use App\Models\Sweeps\SweptTask;
use App\Refusals\SweepMovedOn;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Database\Eloquent\Relations\HasMany;

/** A job that goes through the tasks of a sweep until it is done, undone or stopped. */
trait GoesTaskByTask
{
    use GoesPieceByPiece;

    /**
     * @param HasMany<SweptTask, SweepRun> $left those that are left, in order; each leaves them once it is done
     * @param Closure(SweptTask): void     $each
     */
    private function tasks(SweepRun $run, HasMany $left, Closure $each): void
    {
        $state = $run->state;
        try {
            if (!$this->each($run, $left, $each)) {
                return;
            }
        } catch (SweepMovedOn) {
            $run->stops($state, 'other_rules');

            return;
        }
        $now = CarbonImmutable::now();
        $state === SweepState::Carrying
            ? $run->goes($state, SweepState::Done, ['ended_at' => $now])
            : $run->goes($state, SweepState::Undone, ['ended_at' => $now, 'undone_at' => $now]);
    }
}
