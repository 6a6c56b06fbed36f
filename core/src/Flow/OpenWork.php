<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow;

use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\TaskStatus;

/** What becomes of the tasks that are open still when their case is closed. */
enum OpenWork: string
{
    case Drop = 'drop';
    /** They are in no case from then on. */
    case Keep = 'keep';

    public function on(TaskSubject $task): TaskSubject
    {
        return $this === self::Drop
            ? $task->inStatus(TaskStatus::Dropped)
            : $task->inCase(null, null, false)->seeing([]);
    }
}
