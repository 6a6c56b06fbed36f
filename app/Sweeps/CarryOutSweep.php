<?php

declare(strict_types=1);

namespace App\Sweeps;

use App\Bridge\TaskSubjects;
use App\Models\Sweeps\SweepRun;
use App\Models\Sweeps\SweepState;
use App\Models\Sweeps\SweptState;
use App\Models\Sweeps\SweptTask;
use App\Refusals\SweepMovedOn;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use OpenBaton\Core\Sweep\SweptState as ComesTo;
use Throwable;

/** Carries a sweep out task by task, in the order in which it was looked at, until it is done or somebody stops it. */
final class CarryOutSweep implements ShouldQueue
{
    use Dispatchable;
    use GoesTaskByTask;
    use Queueable;

    public int $tries = 5;

    public function __construct(private readonly string $runId)
    {
        $this->afterCommit();
    }

    /** It is not left as though it were under way. */
    public function failed(): void
    {
        SweepRun::query()->find($this->runId)?->stops(SweepState::Carrying, 'failed');
    }

    public function handle(SweepOne $sweepOne): void
    {
        $run = SweepRun::query()->find($this->runId);
        if ($run === null || $run->state !== SweepState::Carrying) {
            return;
        }
        $left = $run
            ->tasks()
            ->where('state', SweptState::Foreseen)
            ->where('comes_to', ComesTo::Changes)
            ->with(array_map(static fn(string $of): string => "task.{$of}", TaskSubjects::RELATIONS))
            ->orderBy('place');
        $this->tasks($run, $left, static function (SweptTask $one) use ($sweepOne, $run): void {
            try {
                $sweepOne($run, $one);
            } catch (SweepMovedOn $why) {
                throw $why;
            } catch (Throwable $error) {
                // One that fails does not stop the others.
                report($error);
                $one->put(SweptState::Failed);
            }
        });
    }
}
