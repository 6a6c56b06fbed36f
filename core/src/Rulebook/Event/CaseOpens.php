<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Rulebook\CaseOnly;
use OpenBaton\Core\Rulebook\NoParameters;
use OpenBaton\Core\Subject\ChangeSet;

/** A case is opened. */
final readonly class CaseOpens implements EventKind, CaseOnly
{
    use NoParameters;

    public static function kind(): string
    {
        return 'case_opens';
    }

    public function isRaisedBy(ChangeSet $change): bool
    {
        return self::occasion($change);
    }

    public static function occasion(ChangeSet $change): bool
    {
        return $change->isArrival();
    }
}
