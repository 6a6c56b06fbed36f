<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Rulebook\TaskOnly;

/** Somebody else, or nobody, reviews it. */
final readonly class ReviewerChanges extends SeatChanges implements TaskOnly
{
    public static function kind(): string
    {
        return 'reviewer_changes';
    }

    protected static function seat(): SeatName
    {
        return SeatName::Reviewer;
    }
}
