<?php

declare(strict_types=1);

namespace App\Http\Pages\Absences;

use Carbon\CarbonImmutable;
use Illuminate\Http\Request;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\WorkingHours;

/** The weeks that the chart of absences shows, from a Monday on. */
final readonly class ChartWeeks
{
    public const WEEKS = [2, 4, 8, 12];

    private const MOST_DAYS_AHEAD = 1100;

    private function __construct(public LocalDate $first, public int $days, private WorkingHours $hours) {}

    /** What is asked for by "from" and "weeks", or four weeks from this one on. */
    public static function asked(Request $request, WorkingHours $hours): self
    {
        $today = $hours->zone()->dateAt(CarbonImmutable::now()->getTimestamp());
        $from = $request->string('from')->toString();
        $asked =
            preg_match('/^\d{4}-\d{2}-\d{2}$/', $from) === 1 && CarbonImmutable::canBeCreatedFromFormat($from, 'Y-m-d')
                ? LocalDate::parse($from)
                : $today;
        // Absences are planned a few years ahead, and looked back at as long.
        $asked = abs($asked->day - $today->day) <= self::MOST_DAYS_AHEAD ? $asked : $today;
        $weeks = $request->integer('weeks', 4);

        return new self(
            $asked->plus(1 - $asked->weekday()),
            7 * (in_array($weeks, self::WEEKS, true) ? $weeks : 4),
            $hours,
        );
    }

    public function begin(): int
    {
        return $this->hours->zone()->instant($this->first, 0);
    }

    public function end(): int
    {
        return $this->hours->zone()->instant($this->first->plus($this->days), 0);
    }

    /** @return list<array{date: string, off: bool}> */
    public function dates(): array
    {
        $dates = [];
        for ($day = 0; $day < $this->days; ++$day) {
            $date = $this->first->plus($day);
            $dates[] = ['date' => $date->format(), 'off' => $this->hours->spansOf($date) === []];
        }

        return $dates;
    }

    /** Days from the left, with the part of the day; within the chart. */
    public function place(int $instant): float
    {
        $zone = $this->hours->zone();
        $date = $zone->dateAt($instant);
        $begin = $zone->instant($date, 0);
        $part = ($instant - $begin) / ($zone->instant($date->plus(1), 0) - $begin);

        return round(max(0, min($this->days, $date->day - $this->first->day + $part)), 3);
    }
}
