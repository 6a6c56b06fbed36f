<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Rulebook\TaskOnly;

/** Somebody else, or nobody, holds it. */
final readonly class HolderChanges extends SeatChanges implements TaskOnly
{
    public static function kind(): string
    {
        return 'holder_changes';
    }

    protected static function seat(): SeatName
    {
        return SeatName::Holder;
    }
}
