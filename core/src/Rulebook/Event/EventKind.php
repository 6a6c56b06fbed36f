<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Rulebook\Part;
use OpenBaton\Core\Subject\ChangeSet;

/** Something that happens to a task, and that rules wait for. */
interface EventKind extends Part
{
    /** Whether a change set raises it; it says so at the most for change sets that occasion() says so for. */
    public function isRaisedBy(ChangeSet $change): bool;

    /** Whether a change set raises the kind at all, whatever its parameters. */
    public static function occasion(ChangeSet $change): bool;
}
