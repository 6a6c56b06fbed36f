<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run;

enum RunState: string
{
    case Running = 'running';
    case Finished = 'finished';
    /** By an answer. */
    case Ended = 'ended';
    /** By a person. */
    case Cancelled = 'cancelled';
}
