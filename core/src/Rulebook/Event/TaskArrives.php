<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Rulebook\NoParameters;
use OpenBaton\Core\Rulebook\TaskOnly;
use OpenBaton\Core\Subject\ChangeSet;

/** The task is made, or is tried again since nobody could be found for it. */
final readonly class TaskArrives implements EventKind, TaskOnly
{
    use NoParameters;

    public static function kind(): string
    {
        return 'task_arrives';
    }

    public function isRaisedBy(ChangeSet $change): bool
    {
        return self::occasion($change);
    }

    public static function occasion(ChangeSet $change): bool
    {
        return $change->isArrival() || $change->isRetry();
    }
}
