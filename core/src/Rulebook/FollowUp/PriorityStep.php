<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

enum PriorityStep: string
{
    case Up = 'up';
    case Down = 'down';
}
