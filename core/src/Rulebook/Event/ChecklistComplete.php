<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Rulebook\NoParameters;
use OpenBaton\Core\Rulebook\TaskOnly;
use OpenBaton\Core\Subject\ChangeSet;

/** The last open item of its checklist is ticked. */
final readonly class ChecklistComplete implements EventKind, TaskOnly
{
    use NoParameters;

    public static function kind(): string
    {
        return 'checklist_complete';
    }

    public function isRaisedBy(ChangeSet $change): bool
    {
        return self::occasion($change);
    }

    public static function occasion(ChangeSet $change): bool
    {
        return ($change->taskBefore()?->openItems() ?? 0) > 0 &&
            $change->task()?->openItems() === 0 &&
            $change->task()->checklist !== [];
    }
}
