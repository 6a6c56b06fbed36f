<?php

declare(strict_types=1);

namespace App\Http\Pages\Calendar;

use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\Zone;

/** The days that are shown, in the zone of whoever looks, at a moment. */
final readonly class CalendarPeriod
{
    public LocalDate $today;

    /**
     * @param non-empty-list<LocalDate> $dates one after the other
     * @param int                       $now   instant
     */
    public function __construct(public array $dates, public Zone $zone, public int $now)
    {
        $this->today = $zone->dateAt($now);
    }

    public function first(): LocalDate
    {
        return $this->dates[0];
    }

    public function last(): LocalDate
    {
        return $this->dates[count($this->dates) - 1];
    }
}
