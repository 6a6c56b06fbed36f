<?php

declare(strict_types=1);

namespace OpenBaton\Core\Time;

use InvalidArgumentException;

/** Working hours that come back every week, in force from a date until a later pattern takes over. */
final readonly class WeeklyPattern
{
    /** @param array<int, list<MinuteRange>> $shifts by ISO weekday on which the shift begins, 1 to 7 */
    public function __construct(public LocalDate $from, public array $shifts)
    {
        foreach (array_keys($shifts) as $weekday) {
            if ($weekday < 1 || $weekday > 7) {
                throw new InvalidArgumentException('Weekdays are numbered 1 (Monday) to 7 (Sunday).');
            }
        }
    }

    /** @return list<MinuteRange> */
    public function on(int $weekday): array
    {
        return $this->shifts[$weekday] ?? [];
    }
}
