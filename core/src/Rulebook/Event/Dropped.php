<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Rulebook\NoParameters;
use OpenBaton\Core\Rulebook\TaskOnly;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Workload\TaskStatus;

/** It is dropped; deleting is dropping. */
final readonly class Dropped implements EventKind, TaskOnly
{
    use NoParameters;

    public static function kind(): string
    {
        return 'dropped';
    }

    public function isRaisedBy(ChangeSet $change): bool
    {
        return self::occasion($change);
    }

    public static function occasion(ChangeSet $change): bool
    {
        return $change->taskBefore()?->status !== TaskStatus::Dropped &&
            $change->task()?->status === TaskStatus::Dropped;
    }
}
