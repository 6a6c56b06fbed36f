<?php

declare(strict_types=1);

namespace OpenBaton\Core\Workload;

use OpenBaton\Core\Time\LocalDate;

/** One local day of a load plan; all figures in whole minutes of effort. */
final readonly class DayLoad
{
    /**
     * @param bool $working  the calendar has working hours left on it, absence apart
     * @param int  $capacity what can be done, from the moment of the plan on
     * @param int  $planned  what the plan does of it
     * @param int  $late     work due by the end of the day that is not done by then
     */
    public function __construct(
        public LocalDate $date,
        public bool $working,
        public int $capacity,
        public int $planned,
        public int $late,
    ) {}
}
