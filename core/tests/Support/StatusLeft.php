<?php

declare(strict_types=1);

namespace OpenBaton\Core\Tests\Support;

use OpenBaton\Core\Subject\ChangeSet;

/** The task leaves a status. */
final readonly class StatusLeft extends StatusChange
{
    public static function kind(): string
    {
        return 'status_left';
    }

    public function isRaisedBy(ChangeSet $change): bool
    {
        return self::occasion($change) && $change->before?->status === $this->status;
    }
}
