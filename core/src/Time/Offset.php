<?php

declare(strict_types=1);

namespace OpenBaton\Core\Time;

use OpenBaton\Core\Refusal;

/**
 * So much before or after something, such as "-20 days" or "+1 working_days".
 *
 * Minutes and hours go by on the clock of the world. Days, weeks and months
 * keep the local clock reading; a month from a day that the other month does
 * not have is its last one, so that a month before 31 March is 28 February.
 * The n-th working day is counted from the next (or the one before), whatever
 * day one starts from.
 */
final readonly class Offset
{
    public const MOST = 9999;
    public const PATTERN = '^[+-]\d{1,4} (minutes|hours|days|working_days|weeks|months)$';

    private const FURTHEST_DAYS = 20_000;

    /** @param int $amount negative: before */
    public function __construct(public int $amount, public OffsetUnit $unit)
    {
        if (abs($amount) > self::MOST) {
            throw new Refusal('At most {most} of a unit belong here.', most: self::MOST);
        }
    }

    /** @throws Refusal */
    public static function parse(string $text): self
    {
        if (preg_match('/' . self::PATTERN . '/D', $text, $parts) !== 1) {
            throw new Refusal('"{text}" is not a distance such as "-20 days" or "+4 hours".', text: $text);
        }

        return new self((int) $text, OffsetUnit::from($parts[1]));
    }

    /** @throws Refusal where a time of day is given beside minutes or hours: "+2 hours, 12:30" says two things */
    public function mustGoWith(?TimeOfDay $time): void
    {
        if ($time !== null && $this->unit->isOfClock()) {
            throw new Refusal(
                'A time of day goes with days, weeks and months, not with {unit}.',
                unit: $this->unit->value,
            );
        }
    }

    public function format(): string
    {
        return sprintf('%+d %s', $this->amount, $this->unit->value);
    }

    /** @throws NoWorkingTime where there is no such working day */
    public function fromDate(LocalDate $date, WorkingHours $house): LocalDate
    {
        return match ($this->unit) {
            OffsetUnit::Minutes, OffsetUnit::Hours => $house
                ->zone()
                ->dateAt($this->fromInstant($house->zone()->instant($date, 0), $house)),
            OffsetUnit::Days => $date->plus($this->amount),
            OffsetUnit::Weeks => $date->plus(7 * $this->amount),
            OffsetUnit::Months => $date->plusMonths($this->amount),
            OffsetUnit::WorkingDays => $this->workingDay($date, $house),
        };
    }

    /** @throws NoWorkingTime where there is no such working day */
    public function fromInstant(int $instant, WorkingHours $house): int
    {
        if ($this->unit->isOfClock()) {
            return $instant + $this->amount * ($this->unit === OffsetUnit::Hours ? 3600 : 60);
        }
        $zone = $house->zone();
        $date = $zone->dateAt($instant);
        $reading = $instant + $zone->offsetAt($instant) - $date->day * 86400;

        return $zone->instant($this->fromDate($date, $house), intdiv($reading, 60)) + ($reading % 60);
    }

    private function workingDay(LocalDate $date, WorkingHours $house): LocalDate
    {
        $step = $this->amount <=> 0;
        for ($left = abs($this->amount), $day = 0; $left > 0; ++$day) {
            if ($day > self::FURTHEST_DAYS) {
                throw new NoWorkingTime('There is no such working day.');
            }
            $date = $date->plus($step);
            $left -= $house->spansOf($date) === [] ? 0 : 1;
        }

        return $date;
    }
}
