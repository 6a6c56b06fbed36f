<?php

declare(strict_types=1);

namespace App\Http\Pages\Floor;

use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\WorkingHours;

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
        $date = $house->zone()->dateAt($now);
        $days = [];
        for ($tries = 0; count($days) < $count && $tries < self::FURTHEST; ++$tries, $date = $date->plus(1)) {
            $spans = $house->spansOf($date);
            if ($spans !== [] && end($spans)->to > $now) {
                $days[] = $date;
            }
        }

        return $days === [] ? [$house->zone()->dateAt($now)] : $days;
    }
}
