<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

/** What people do with a task. */
enum TaskAction: string
{
    case Start = 'start';
    case Complete = 'complete';
    case Reopen = 'reopen';
    case HandOn = 'hand_on';
    case Claim = 'claim';
}
