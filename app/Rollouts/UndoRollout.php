<?php

declare(strict_types=1);

namespace App\Rollouts;

use App\Models\Access\User;
use App\Models\Concerns\GoesPieceByPiece;
use App\Models\Rollouts\NodeState;
use App\Models\Rollouts\Rollout;
use App\Models\Rollouts\RolloutNode;
use App\Models\Rollouts\RolloutState;
use App\Models\Tasks\Task;
use App\Refusals\Refused;
use App\Tasks\DropTask;
use Carbon\CarbonImmutable;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use OpenBaton\Core\Workload\TaskStatus;

/** Drops the tasks of a rollout that is taken back, one by one, but those on which somebody works by now. */
final class UndoRollout implements ShouldQueue
{
    use Dispatchable;
    use GoesPieceByPiece;
    use Queueable;

    public int $tries = 5;

    public function __construct(private readonly string $rolloutId, private readonly string $userId)
    {
        $this->afterCommit();
    }

    public function handle(DropTask $drop): void
    {
        $rollout = Rollout::query()->find($this->rolloutId);
        $by = User::query()->find($this->userId);
        if ($rollout?->state !== RolloutState::Undoing || $by === null) {
            return;
        }
        $isUndone = $this->each($rollout, $rollout->left()->with('task'), static function (RolloutNode $node) use (
            $drop,
            $by,
        ): void {
            if ($node->task?->status === TaskStatus::New) {
                self::drop($node->task, $drop, $by);
            }
            $node->update(['state' => NodeState::TakenBack]);
        });
        if ($isUndone) {
            $rollout->goes(RolloutState::Undoing, RolloutState::TakenBack, ['ended_at' => CarbonImmutable::now()]);
        }
    }

    private static function drop(Task $task, DropTask $drop, User $by): void
    {
        try {
            $drop($task, 'Its rollout is taken back.', $by, $task->revision);
        } catch (Refused) {
            // Somebody has begun it meanwhile: it is theirs.
        }
    }
}
