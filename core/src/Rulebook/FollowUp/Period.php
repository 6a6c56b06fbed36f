<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

use OpenBaton\Core\Time\LocalDate;

enum Period: string
{
    case Today = 'today';
    case Week = 'week';
    case Month = 'month';

    public function lastDay(LocalDate $date): LocalDate
    {
        return match ($this) {
            self::Today => $date,
            self::Week => $date->startOfWeek()->plus(6),
            self::Month => $date->endOfMonth(),
        };
    }
}
