<?php

declare(strict_types=1);

namespace OpenBaton\Core\Time;

enum OffsetUnit: string
{
    case Minutes = 'minutes';
    case Hours = 'hours';
    case Days = 'days';
    case WorkingDays = 'working_days';
    case Weeks = 'weeks';
    case Months = 'months';

    /** Whether it counts by the clock rather than by the calendar. */
    public function isOfClock(): bool
    {
        return $this === self::Minutes || $this === self::Hours;
    }
}
