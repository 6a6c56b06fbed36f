<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Rulebook\CustomerOnly;
use OpenBaton\Core\Rulebook\NoParameters;
use OpenBaton\Core\Subject\ChangeSet;

/** A customer is added. */
final readonly class CustomerAdded implements EventKind, CustomerOnly
{
    use NoParameters;

    public static function kind(): string
    {
        return 'customer_added';
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
