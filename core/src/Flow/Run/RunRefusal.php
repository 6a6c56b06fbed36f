<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run;

enum RunRefusal: string
{
    case Over = 'over';
    case NotThere = 'not_there';
    /** Only a step that has stopped is opened again by itself, or gone on without. */
    case NotStopped = 'not_stopped';
    /** Only a step that was opened and is settled is gone back to. */
    case NotSettled = 'not_settled';
}
