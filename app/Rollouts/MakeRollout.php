<?php

declare(strict_types=1);

namespace App\Rollouts;

use App\Models\Rollouts\NodeState;
use App\Models\Rollouts\Rollout;
use App\Models\Rollouts\RolloutNode;
use App\Models\Rollouts\RolloutState;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Throwable;

/** Makes the tasks of a rollout one by one, until all are made or somebody stops it. */
final class MakeRollout implements ShouldQueue
{
    use Dispatchable;
    use GoesNodeByNode;
    use Queueable;

    public int $tries = 5;

    public function __construct(private readonly string $rolloutId)
    {
        $this->afterCommit();
    }

    public function handle(MakeNode $make): void
    {
        $rollout = Rollout::query()->find($this->rolloutId);
        if ($rollout?->state !== RolloutState::Making) {
            return;
        }
        $this->each(
            $rollout,
            $rollout->leaves()->where('state', NodeState::Planned),
            static function (RolloutNode $node) use ($make): void {
                try {
                    $make($node);
                } catch (Throwable $error) {
                    // One that fails does not stop the others.
                    report($error);
                    $node->update(['state' => NodeState::Failed]);
                }
            },
            RolloutState::Made,
        );
    }
}
