<?php

declare(strict_types=1);

namespace App\Models\Rollouts;

/** How far a rollout is. */
enum RolloutState: string
{
    /** Its tasks are made when it starts. */
    case Planned = 'planned';
    case Making = 'making';
    case Made = 'made';
    case Stopped = 'stopped';
    case Undoing = 'undoing';
    case TakenBack = 'taken_back';
}
