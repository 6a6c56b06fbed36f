<?php

declare(strict_types=1);

namespace App\Rollouts;

use App\Bridge\Houses;
use App\Models\Concerns\GoesPieceByPiece;
use App\Models\Rollouts\NodeState;
use App\Models\Rollouts\Rollout;
use App\Models\Rollouts\RolloutNode;
use App\Models\Rollouts\RolloutState;
use Carbon\CarbonImmutable;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use OpenBaton\Core\Document\Node;
use Throwable;

/** Makes the tasks of a rollout one by one, until all are made or somebody stops it. */
final class MakeRollout implements ShouldQueue
{
    use Dispatchable;
    use GoesPieceByPiece;
    use Queueable;

    public int $tries = 5;

    public function __construct(private readonly string $rolloutId)
    {
        $this->afterCommit();
    }

    public function handle(MakeNode $make, Houses $houses): void
    {
        $rollout = Rollout::query()->find($this->rolloutId);
        if ($rollout?->state !== RolloutState::Making) {
            return;
        }
        $wanted = ReadRollout::kept(Node::root($rollout->document), $houses->now())->rollout;
        $isMade = $this->each($rollout, $rollout->left(), static function (RolloutNode $node) use (
            $make,
            $wanted,
        ): void {
            try {
                $make($node, $wanted);
            } catch (Throwable $error) {
                // One that fails does not stop the others; another worker may have made it.
                report($error);
                RolloutNode::query()
                    ->whereKey($node->id)
                    ->where('state', NodeState::Planned)
                    ->update(['state' => NodeState::Failed]);
            }
        });
        if ($isMade) {
            $rollout->goes(RolloutState::Making, RolloutState::Made, ['ended_at' => CarbonImmutable::now()]);
        }
    }
}
