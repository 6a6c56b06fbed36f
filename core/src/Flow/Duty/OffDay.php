<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Duty;

use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\WorkingHours;

/** What becomes of a date on which the house does not work. */
enum OffDay: string
{
    /** It is moved to the working day before. */
    case Before = 'before';
    /** It is moved to the next working day. */
    case After = 'after';
    /** It falls out. */
    case None = 'none';

    /** How far a date is moved at most. */
    public const FURTHEST_DAYS = 60;

    /** @return LocalDate|null the date itself where the house works on it; null: it falls out */
    public function settle(LocalDate $date, WorkingHours $house): ?LocalDate
    {
        for ($days = 0; $days <= self::FURTHEST_DAYS; ++$days) {
            $on = $date->plus($this === self::Before ? -$days : $days);
            if ($house->spansOf($on) !== []) {
                return $on;
            }
            if ($this === self::None) {
                break;
            }
        }

        return null;
    }
}
