<?php

declare(strict_types=1);

namespace OpenBaton\Core\Time;

use InvalidArgumentException;
use OpenBaton\Core\Refusal;

/** A calendar date without a zone, as the count of days since 1970-01-01. */
final readonly class LocalDate
{
    public function __construct(public int $day) {}

    /** @throws InvalidArgumentException unless $text is a real date written YYYY-MM-DD */
    public static function parse(string $text): self
    {
        if (
            preg_match('/^(\d{4})-(\d{2})-(\d{2})$/D', $text, $parts) !== 1 ||
            !checkdate((int) $parts[2], (int) $parts[3], (int) $parts[1])
        ) {
            throw new Refusal('"{text}" is not a date of the form YYYY-MM-DD.', text: $text);
        }

        return self::of((int) $parts[1], (int) $parts[2], (int) $parts[3]);
    }

    /** Days from civil (Hinnant 2013): gmmktime() takes years below 100 for others. */
    private static function of(int $year, int $month, int $day): self
    {
        $year -= $month <= 2 ? 1 : 0;
        $era = intdiv($year, 400);
        $yearOfEra = $year - $era * 400;
        $dayOfYear = intdiv(153 * ($month + ($month > 2 ? -3 : 9)) + 2, 5) + $day - 1;
        $dayOfEra = $yearOfEra * 365 + intdiv($yearOfEra, 4) - intdiv($yearOfEra, 100) + $dayOfYear;

        return new self($era * 146_097 + $dayOfEra - 719_468);
    }

    public function plus(int $days): self
    {
        return new self($this->day + $days);
    }

    /** The same day of another month, or the last one of it where it has no such day. */
    public function plusMonths(int $months): self
    {
        [$year, $month, $day] = array_map(intval(...), explode('-', $this->format()));
        $month += $months - 1;
        $year += (int) floor($month / 12);
        $first = self::of($year, ((($month % 12) + 12) % 12) + 1, 1);

        return new self(min($first->day + $day - 1, $first->endOfMonth()->day));
    }

    public function startOfWeek(): self
    {
        return $this->plus(1 - $this->weekday());
    }

    public function startOfMonth(): self
    {
        return $this->plus(1 - (int) gmdate('j', $this->day * 86400));
    }

    public function endOfMonth(): self
    {
        return $this->plus((int) gmdate('t', $this->day * 86400) - (int) gmdate('j', $this->day * 86400));
    }

    /** ISO 8601: Monday is 1, Sunday is 7. */
    public function weekday(): int
    {
        // 1970-01-01 was a Thursday.
        return (((($this->day + 3) % 7) + 7) % 7) + 1;
    }

    public function format(): string
    {
        return gmdate('Y-m-d', $this->day * 86400);
    }
}
