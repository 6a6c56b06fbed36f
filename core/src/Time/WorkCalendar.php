<?php

declare(strict_types=1);

namespace OpenBaton\Core\Time;

use OpenBaton\Core\Refusal;

/**
 * Weekly patterns, date exceptions and holidays in one zone.
 *
 * On a date: the shifts of the pattern in force, none on a holiday, less the
 * clock time that exceptions remove, plus the hours that they add.
 */
final class WorkCalendar implements WorkingHours
{
    /** @var list<WeeklyPattern> latest first */
    private readonly array $patterns;

    /** @var array<int, list<DateException>> by day */
    private readonly array $exceptions;

    /** @var array<int, true> by day */
    private readonly array $holidays;

    /** @var array<int, list<Span>> what spansOf() found, by day */
    private array $known = [];

    /**
     * @param list<WeeklyPattern> $patterns   a date before the first of them has no working hours
     * @param list<DateException> $exceptions
     * @param list<LocalDate>     $holidays
     */
    public function __construct(
        private readonly Zone $zone,
        array $patterns,
        array $exceptions = [],
        array $holidays = [],
    ) {
        $from = [];
        foreach ($patterns as $pattern) {
            if (isset($from[$pattern->from->day])) {
                throw new Refusal('Two patterns of working hours begin on {date}.', date: $pattern->from->format());
            }
            $from[$pattern->from->day] = true;
        }
        usort($patterns, static fn(WeeklyPattern $a, WeeklyPattern $b): int => $b->from->day <=> $a->from->day);
        $this->patterns = $patterns;

        $byDay = [];
        foreach ($exceptions as $exception) {
            $byDay[$exception->date->day][] = $exception;
        }
        $this->exceptions = $byDay;

        $days = [];
        foreach ($holidays as $holiday) {
            $days[$holiday->day] = true;
        }
        $this->holidays = $days;
    }

    public function zone(): Zone
    {
        return $this->zone;
    }

    public function isHoliday(LocalDate $date): bool
    {
        return isset($this->holidays[$date->day]);
    }

    public function spansOf(LocalDate $date): array
    {
        return $this->known[$date->day] ??= $this->spansOn($date);
    }

    /**
     * What overlaps counts once, for the shift that began first: no shift
     * reaches further than to the end of the date after it.
     *
     * @return list<Span>
     */
    private function spansOn(LocalDate $date): array
    {
        return Span::subtract($this->beginningOn($date), $this->beginningOn($date->plus(-1)));
    }

    /**
     * The spans of the shifts that begin on a date, overlaps with those of the
     * date before not yet taken out. Exceptions act in the order of their
     * dates, and each on the clock time of its own date, whichever date the
     * shift began on.
     *
     * @return list<Span>
     */
    private function beginningOn(LocalDate $date): array
    {
        $spans = $this->isHoliday($date) ? [] : $this->spans($date, $this->patternOn($date)?->on($date) ?? []);
        foreach ([-1, 0, 1] as $days) {
            $on = $date->plus($days);
            foreach ($this->exceptions[$on->day] ?? [] as $exception) {
                $spans = Span::subtract($spans, $this->spans($on, $exception->remove));
                if ($days === 0) {
                    $spans = [...$spans, ...$this->spans($date, $exception->add)];
                }
            }
        }

        return Span::union($spans);
    }

    private function patternOn(LocalDate $date): ?WeeklyPattern
    {
        foreach ($this->patterns as $pattern) {
            if ($pattern->from->day <= $date->day) {
                return $pattern;
            }
        }

        return null;
    }

    /**
     * @param list<MinuteRange> $ranges
     *
     * @return list<Span>
     */
    private function spans(LocalDate $date, array $ranges): array
    {
        $spans = [];
        foreach ($ranges as $range) {
            $from = $this->zone->instant($date, $range->start);
            $to = $this->zone->instant($date, $range->end);
            // A shift of which the clocks skip everything is no shift.
            if ($from < $to) {
                $spans[] = new Span($from, $to);
            }
        }

        return $spans;
    }
}
