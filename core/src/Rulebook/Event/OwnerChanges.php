<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Rulebook\CaseOnly;
use OpenBaton\Core\Rulebook\SeatName;

/** Somebody else, or nobody, owns the case. */
final readonly class OwnerChanges extends SeatChanges implements CaseOnly
{
    public static function kind(): string
    {
        return 'owner_changes';
    }

    protected static function seat(): SeatName
    {
        return SeatName::Owner;
    }
}
