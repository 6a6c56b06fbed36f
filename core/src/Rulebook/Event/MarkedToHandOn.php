<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Rulebook\NoParameters;
use OpenBaton\Core\Rulebook\TaskOnly;
use OpenBaton\Core\Subject\ChangeSet;

/** Whoever has it says that somebody else should do it. */
final readonly class MarkedToHandOn implements EventKind, TaskOnly
{
    use NoParameters;

    public static function kind(): string
    {
        return 'marked_to_hand_on';
    }

    public function isRaisedBy(ChangeSet $change): bool
    {
        return self::occasion($change);
    }

    public static function occasion(ChangeSet $change): bool
    {
        return $change->task()?->toHandOn === true && $change->taskBefore()?->toHandOn !== true;
    }
}
