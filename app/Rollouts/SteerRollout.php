<?php

declare(strict_types=1);

namespace App\Rollouts;

use App\Access\Actor;
use App\Access\Audit;
use App\Models\Access\User;
use App\Models\Rollouts\NodeState;
use App\Models\Rollouts\Rollout;
use App\Models\Rollouts\RolloutState;
use App\Refusals\RolloutMovedOn;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** What a lead does with a rollout that is put down. */
final class SteerRollout
{
    /** @throws RolloutMovedOn where nothing of it is under way */
    public function stop(Rollout $rollout, User $by): void
    {
        $this->go($rollout, [RolloutState::Planned, RolloutState::Making], RolloutState::Stopped, 'stopped', $by);
    }

    /**
     * What is left is made now, and what could not be made is tried again.
     *
     * @throws RolloutMovedOn where it is under way, or all of it is made
     */
    public function goOn(Rollout $rollout, User $by): void
    {
        DB::transaction(function () use ($rollout, $by): void {
            $failed = $rollout->leaves()->where('state', NodeState::Failed);
            $again = $failed->reorder()->update(['state' => NodeState::Planned]) > 0;
            $from = [RolloutState::Planned, RolloutState::Stopped, ...$again ? [RolloutState::Made] : []];
            $this->go($rollout, $from, RolloutState::Making, 'made', $by);
            MakeRollout::dispatch($rollout->id);
        });
    }

    /** @throws RolloutMovedOn where somebody has begun one of its tasks, or it is under way */
    public function takeBack(Rollout $rollout, User $by): void
    {
        if ($rollout->isBegun()) {
            throw RolloutMovedOn::begun($rollout);
        }
        DB::transaction(function () use ($rollout, $by): void {
            $from = [RolloutState::Planned, RolloutState::Stopped, RolloutState::Made];
            $this->go($rollout, $from, RolloutState::Undoing, 'taken_back', $by);
            UndoRollout::dispatch($rollout->id, $by->id);
        });
    }

    /** @param list<RolloutState> $from */
    private function go(Rollout $rollout, array $from, RolloutState $to, string $what, User $by): void
    {
        DB::transaction(static function () use ($rollout, $from, $to, $what, $by): void {
            $now = $rollout->state;
            if (!in_array($now, $from, true) || !$rollout->goes($now, $to, ['moved_at' => CarbonImmutable::now()])) {
                throw RolloutMovedOn::since($rollout);
            }
            Audit::record(Actor::user($by), 'house', "rollout_{$what}", "Rollout {$what}", $rollout);
        }, attempts: 3);
    }
}
