<?php

declare(strict_types=1);

namespace App\Rollouts;

use App\Models\Rollouts\Rollout;
use App\Models\Rollouts\RolloutNode;
use App\Models\Rollouts\RolloutState;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Database\Eloquent\Relations\HasMany;

/** A job that goes through the nodes of a rollout for some seconds, then lets others have their turn. */
trait GoesNodeByNode
{
    /** Nodes after which it is asked whether somebody has stopped it. */
    private const PIECE = 20;

    private const SECONDS = 20;

    /**
     * @param HasMany<RolloutNode, Rollout> $left those that are left; each leaves them once it is done
     * @param Closure(RolloutNode): void    $each
     * @param RolloutState                  $then what it is once none is left
     */
    private function each(Rollout $rollout, HasMany $left, Closure $each, RolloutState $then): void
    {
        $state = $rollout->state;
        $end = microtime(true) + self::SECONDS;
        while (($piece = $left->clone()->limit(self::PIECE)->get())->isNotEmpty()) {
            foreach ($piece as $one) {
                $each($one);
            }
            if (Rollout::query()->whereKey($rollout->id)->value('state') !== $state) {
                return;
            }
            if (microtime(true) > $end) {
                dispatch(clone $this);

                return;
            }
        }
        $rollout->goes($state, $then, ['ended_at' => CarbonImmutable::now()]);
    }
}
