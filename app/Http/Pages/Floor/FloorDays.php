<?php

declare(strict_types=1);

namespace App\Http\Pages\Floor;

use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\WorkingHours;
use OpenBaton\Core\Time\WorkingTime;

/** The days of the lanes: the day that is under way, and the working days of the house after it. */
final class FloorDays
{
    /** Days within which as many working days are looked for. */
    private const FURTHEST = 90;

    /**
     * @param int $now instant
     *
     * @return non-empty-list<LocalDate> at night and at weekends the next working day is the first
     */
    public static function of(WorkingHours $house, int $now, int $count): array
    {
        $today = $house->zone()->dateAt($now);
        $days = array_slice((new WorkingTime($house))->openDays($today, self::FURTHEST, $now), 0, $count);

        return $days === [] ? [$today] : $days;
    }
}
