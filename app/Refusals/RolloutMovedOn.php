<?php

declare(strict_types=1);

namespace App\Refusals;

use App\Models\Rollouts\Rollout;

/** A rollout is not as far, or further, than it was looked at. */
final class RolloutMovedOn extends Refused
{
    public static function since(Rollout $rollout): self
    {
        return new self('rollout_moved_on.since', ['rollout' => $rollout->name]);
    }

    /** It is no longer taken back where somebody works on it. */
    public static function begun(Rollout $rollout): self
    {
        return new self('rollout_moved_on.begun', ['rollout' => $rollout->name]);
    }
}
