<?php

declare(strict_types=1);

namespace OpenBaton\Core\Time;

use InvalidArgumentException;

/**
 * Working hours that come back every week, or every few weeks, in force from a date until a later pattern takes over.
 */
final readonly class WeeklyPattern
{
    /**
     * @param array<int, list<MinuteRange>> $shifts of the week in which it begins, by ISO weekday on which the shift
     *     begins, 1 to 7
     * @param list<array<int, list<MinuteRange>>> $then   of the weeks after that, before the first comes again
     */
    public function __construct(public LocalDate $from, public array $shifts, public array $then = [])
    {
        foreach ([$shifts, ...$then] as $week) {
            foreach (array_keys($week) as $weekday) {
                if ($weekday < 1 || $weekday > 7) {
                    throw new InvalidArgumentException('Weekdays are numbered 1 (Monday) to 7 (Sunday).');
                }
            }
        }
    }

    /**
     * @param LocalDate $date not before it begins
     *
     * @return list<MinuteRange>
     */
    public function on(LocalDate $date): array
    {
        $weeks = intdiv(self::monday($date) - self::monday($this->from), 7) % (count($this->then) + 1);

        return [$this->shifts, ...$this->then][$weeks][$date->weekday()] ?? [];
    }

    private static function monday(LocalDate $date): int
    {
        return $date->day - $date->weekday() + 1;
    }
}
