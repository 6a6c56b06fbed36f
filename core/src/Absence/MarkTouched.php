<?php

declare(strict_types=1);

namespace OpenBaton\Core\Absence;

use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\TaskSubject;

/**
 * Whether a change is the begin of work by whoever covers: it is no longer in
 * the status in which they got it, or they have spent time on it, ticked
 * something, said or attached something.
 */
final class MarkTouched
{
    /**
     * @param string $byId person who makes the change
     * @param bool   $says a comment or a file comes with it
     *
     * @return TaskSubject the task after the change, with what it remembers of that
     */
    public static function of(TaskSubject $before, TaskSubject $after, string $byId, bool $says): TaskSubject
    {
        foreach (SeatName::OF_TASK as $seat) {
            $covering = $after->coveringOf($seat);
            $occupant = $after->occupant($seat);
            if ($covering === null || $occupant === null || $occupant !== $before->occupant($seat)) {
                continue;
            }
            $worked =
                $says ||
                $after->effort->spent !== $before->effort->spent ||
                $after->openItems() !== $before->openItems();
            $begun = $seat === SeatName::Holder && $after->status !== $before->status;
            if ($begun || ($worked && $byId === $occupant)) {
                $after = $after->seated($seat, $occupant, $covering->touchedBy($occupant));
            }
        }

        return $after;
    }
}
