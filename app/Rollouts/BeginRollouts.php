<?php

declare(strict_types=1);

namespace App\Rollouts;

use App\Models\Rollouts\Rollout;
use App\Models\Rollouts\RolloutState;
use Carbon\CarbonImmutable;

/** With the clock: rollouts whose start has come are made, and what has come to a halt is taken up again. */
final class BeginRollouts
{
    /** Minutes without a task, after which its worker is taken to be gone. */
    private const HALTED = 3;

    public function __invoke(CarbonImmutable $now): void
    {
        $due = Rollout::query()->where('state', RolloutState::Planned)->where('makes_at', '<=', $now)->get();
        foreach ($due as $rollout) {
            if ($rollout->goes(RolloutState::Planned, RolloutState::Making, ['moved_at' => $now])) {
                MakeRollout::dispatch($rollout->id);
            }
        }
        $halted = Rollout::query()
            ->whereIn('state', [RolloutState::Making, RolloutState::Undoing])
            ->where('moved_at', '<', $now->subMinutes(self::HALTED))
            ->get();
        foreach ($halted as $rollout) {
            $rollout->update(['moved_at' => $now]);
            $rollout->state === RolloutState::Making
                ? MakeRollout::dispatch($rollout->id)
                : UndoRollout::dispatch($rollout->id, (string) $rollout->begun_by);
        }
    }
}
