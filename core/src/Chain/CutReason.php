<?php

declare(strict_types=1);

namespace OpenBaton\Core\Chain;

/** Why a chain did not go on. */
enum CutReason: string
{
    /** A rule would have acted on a task once more. */
    case Circle = 'circle';
    /** What a rule was to do when its time came could not be carried out. */
    case Failed = 'failed';
    case TooDeep = 'too_deep';
    case TooManyTasks = 'too_many_tasks';
    case TooManyChanges = 'too_many_changes';
}
