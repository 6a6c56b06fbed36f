<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\Subject;

/** Somebody else, or nobody, reviews it. */
final readonly class ReviewerChanges extends SeatChanges
{
    public static function kind(): string
    {
        return 'reviewer_changes';
    }

    protected static function seated(Subject $subject): array
    {
        return $subject->inSeat(SeatName::Reviewer);
    }
}
