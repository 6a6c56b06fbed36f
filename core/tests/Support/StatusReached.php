<?php

declare(strict_types=1);

namespace OpenBaton\Core\Tests\Support;

use OpenBaton\Core\Subject\ChangeSet;

/** The task comes to a status. */
final readonly class StatusReached extends StatusChange
{
    public static function kind(): string
    {
        return 'status_reached';
    }

    public function isRaisedBy(ChangeSet $change): bool
    {
        return self::occasion($change) && $change->after->status === $this->status;
    }
}
