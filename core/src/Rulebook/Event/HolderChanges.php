<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Subject\Subject;

/** Somebody else, or nobody, holds it. */
final readonly class HolderChanges extends SeatChanges
{
    public static function kind(): string
    {
        return 'holder_changes';
    }

    protected static function seated(Subject $subject): array
    {
        return $subject->holderIds();
    }
}
