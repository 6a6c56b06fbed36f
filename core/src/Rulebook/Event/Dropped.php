<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Rulebook\NoParameters;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Workload\TaskStatus;

/** It is dropped; deleting is dropping. */
final readonly class Dropped implements EventKind
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
        return $change->before?->status !== TaskStatus::Dropped && $change->after->status === TaskStatus::Dropped;
    }
}
