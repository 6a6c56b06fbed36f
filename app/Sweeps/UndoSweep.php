<?php

declare(strict_types=1);

namespace App\Sweeps;

use App\Models\Sweeps\SweepRun;
use App\Models\Sweeps\SweepState;
use App\Models\Sweeps\SweptState;
use App\Models\Sweeps\SweptTask;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Throwable;

/** Takes a sweep back task by task, the last first, until it is undone or somebody stops it. */
final class UndoSweep implements ShouldQueue
{
    use Dispatchable;
    use GoesTaskByTask;
    use Queueable;

    public int $tries = 5;

    public function __construct(private readonly string $runId, private readonly string $userId)
    {
        $this->afterCommit();
    }

    /** It is not left as though it were under way. */
    public function failed(): void
    {
        SweepRun::query()->find($this->runId)?->stops(SweepState::Undoing, 'failed');
    }

    public function handle(UndoOne $undoOne): void
    {
        $run = SweepRun::query()->find($this->runId);
        if ($run === null || $run->state !== SweepState::Undoing) {
            return;
        }
        $left = $run->tasks()->where('state', SweptState::Carried)->orderByDesc('place');
        $this->tasks($run, $left, function (SweptTask $one) use ($undoOne, $run): void {
            try {
                $undoOne($run, $one->place, $this->userId);
            } catch (Throwable $error) {
                report($error);
                $one->put(SweptState::Partly);
            }
        });
    }
}
