<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Workload\TaskStatus;

/** On which tasks the button of a rule is. */
enum PressedOn: string
{
    case Open = 'open';
    case Any = 'any';

    public function includes(TaskStatus $status): bool
    {
        return $this === self::Any || $status->isOpen();
    }
}
