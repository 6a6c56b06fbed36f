<?php

declare(strict_types=1);

namespace OpenBaton\Core\Time;

use InvalidArgumentException;

/** Arithmetic in working time: the base of due dates, availability and load. */
final readonly class WorkingTime
{
    private const FURTHEST_DAYS = 1100;

    public function __construct(private WorkingHours $hours) {}

    /**
     * @param int $after instant after which some of a day's hours are left
     *
     * @return list<LocalDate> those of so many days from a date on that have working hours, in order
     */
    public function openDays(LocalDate $from, int $days, int $after): array
    {
        $open = [];
        for ($day = 0; $day < $days; ++$day) {
            $spans = $this->hours->spansOf($from->plus($day));
            if ($spans !== [] && end($spans)->to > $after) {
                $open[] = $from->plus($day);
            }
        }

        return $open;
    }

    /** Whole working minutes in [$from, $to); 0 where $to is not after $from. */
    public function minutesBetween(int $from, int $to): int
    {
        $seconds = 0;
        for ($date = $this->firstDate($from); $this->begins($date) < $to; $date = $date->plus(1)) {
            foreach ($this->hours->spansOf($date) as $span) {
                $seconds += $span->within($from, $to)?->seconds() ?? 0;
            }
        }

        return intdiv($seconds, 60);
    }

    /**
     * The instant at which $minutes of working time have gone by since $from.
     * Time that just fills a shift ends with that shift, not at the next.
     *
     * @throws NoWorkingTime where not enough of it comes within three years
     */
    public function add(int $from, int $minutes): int
    {
        if ($minutes < 0) {
            throw new InvalidArgumentException('Working time can only be added.');
        }
        if ($minutes === 0) {
            return $from;
        }
        $left = $minutes * 60;
        $date = $this->firstDate($from);
        for ($day = 0; $day < self::FURTHEST_DAYS; ++$day, $date = $date->plus(1)) {
            foreach ($this->hours->spansOf($date) as $span) {
                if ($span->to <= $from) {
                    continue;
                }
                $start = max($span->from, $from);
                if ($start + $left <= $span->to) {
                    return $start + $left;
                }
                $left -= $span->to - $start;
            }
        }

        throw new NoWorkingTime('Not enough working time within three years.');
    }

    /**
     * The end of work on the $days-th working day after the date of $from;
     * 0 is the date of $from itself, or the next working day where its working
     * time is over.
     *
     * @throws NoWorkingTime where no such day comes within three years
     */
    public function endOfDay(int $from, int $days): int
    {
        $date = $this->hours->zone()->dateAt($from);
        if ($days > 0) {
            $date = $date->plus(1);
        }
        for ($day = 0; $day < self::FURTHEST_DAYS; ++$day, $date = $date->plus(1)) {
            $spans = $this->hours->spansOf($date);
            if ($spans === [] || end($spans)->to <= $from) {
                continue;
            }
            if ($days <= 1) {
                return end($spans)->to;
            }
            --$days;
        }

        throw new NoWorkingTime('No working day within three years.');
    }

    /**
     * The end of work on the first day that has working time after $instant,
     * be it of a shift that began the day before.
     *
     * @throws NoWorkingTime where no such day comes within three years
     */
    public function endOfDayAfter(int $instant): int
    {
        $date = $this->hours
            ->zone()
            ->dateAt($instant)
            ->plus(-1);
        for ($day = 0; $day < self::FURTHEST_DAYS; ++$day, $date = $date->plus(1)) {
            $spans = $this->hours->spansOf($date);
            if ($spans !== [] && end($spans)->to > $instant) {
                return end($spans)->to;
            }
        }

        throw new NoWorkingTime('No working day within three years.');
    }

    /**
     * The end of work on the date, or on the working day before it where it is none.
     *
     * @throws NoWorkingTime where there is none within three years
     */
    public function endOnOrBefore(LocalDate $date): int
    {
        for ($day = 0; $day < self::FURTHEST_DAYS; ++$day, $date = $date->plus(-1)) {
            $spans = $this->hours->spansOf($date);
            if ($spans !== []) {
                return end($spans)->to;
            }
        }

        throw new NoWorkingTime('No working day within three years.');
    }

    public function isWorking(int $instant): bool
    {
        $date = $this->firstDate($instant);
        foreach ([...$this->hours->spansOf($date), ...$this->hours->spansOf($date->plus(1))] as $span) {
            if ($span->contains($instant)) {
                return true;
            }
        }

        return false;
    }

    /** The date before that of $from, since its last shift may still run. */
    private function firstDate(int $from): LocalDate
    {
        return $this->hours
            ->zone()
            ->dateAt($from)
            ->plus(-1);
    }

    private function begins(LocalDate $date): int
    {
        return $this->hours->zone()->instant($date, 0);
    }
}
