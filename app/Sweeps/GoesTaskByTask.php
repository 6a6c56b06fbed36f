<?php

declare(strict_types=1);

namespace App\Sweeps;

use App\Models\Sweeps\SweepRun;
use App\Models\Sweeps\SweepState;
use App\Models\Sweeps\SweptTask;
use App\Refusals\SweepMovedOn;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Database\Eloquent\Relations\HasMany;

/** A job that goes through the tasks of a sweep for some seconds, then lets others have their turn. */
trait GoesTaskByTask
{
    /** Tasks after which it is asked whether somebody has stopped it. */
    private const PIECE = 20;

    private const SECONDS = 20;

    /**
     * @param HasMany<SweptTask, SweepRun> $left those that are left, in order; each leaves them once it is done
     * @param Closure(SweptTask): void     $each
     */
    private function each(SweepRun $run, HasMany $left, Closure $each): void
    {
        $state = $run->state;
        $end = microtime(true) + self::SECONDS;
        try {
            while (($piece = $left->clone()->limit(self::PIECE)->get())->isNotEmpty()) {
                foreach ($piece as $one) {
                    $each($one);
                }
                if (SweepRun::query()->whereKey($run->id)->value('state') !== $state) {
                    return;
                }
                if (microtime(true) > $end) {
                    dispatch(clone $this);

                    return;
                }
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
