<?php

declare(strict_types=1);

namespace App\Models\Rollouts;

/** What has become of a node that is to have a task. */
enum NodeState: string
{
    case Planned = 'planned';
    case Made = 'made';
    /** Its task could not be made. */
    case Failed = 'failed';
    case TakenBack = 'taken_back';
}
