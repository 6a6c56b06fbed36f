<?php

declare(strict_types=1);

namespace App\Http\Pages\Calendar;

use OpenBaton\Core\Time\LocalDate;

/** What is looked at in the calendar: so many days, of whom, and which of them is open beside it. */
final readonly class CalendarView
{
    public const BY = ['day', 'week', 'month'];

    /**
     * @param string         $by   one of BY
     * @param LocalDate      $date within what is shown
     * @param string|null    $person slug, as is team; neither: whoever looks, or everybody
     * @param int            $page of the lanes, from 1
     * @param LocalDate|null $show the day that is open
     */
    public function __construct(
        public string $by,
        public LocalDate $date,
        public ?string $person = null,
        public ?string $team = null,
        public bool $everybody = false,
        public int $page = 1,
        public ?LocalDate $show = null,
    ) {}

    /** Weeks are whole, from Monday on; a month is shown in whole weeks. */
    public function first(): LocalDate
    {
        return match ($this->by) {
            'day' => $this->date,
            'week' => $this->date->startOfWeek(),
            default => $this->date->startOfMonth()->startOfWeek(),
        };
    }

    public function last(): LocalDate
    {
        return match ($this->by) {
            'day' => $this->date,
            'week' => $this->date->startOfWeek()->plus(6),
            default => $this->date->endOfMonth()->startOfWeek()->plus(6),
        };
    }

    /** @return non-empty-list<LocalDate> */
    public function dates(): array
    {
        $dates = [$this->first()];
        for ($day = 1; $this->first()->plus($day)->day <= $this->last()->day; ++$day) {
            $dates[] = $this->first()->plus($day);
        }

        return $dates;
    }

    /** A date of what comes before it, or after. */
    public function stepped(int $by): LocalDate
    {
        return match ($this->by) {
            'day' => $this->date->plus($by),
            'week' => $this->date->plus(7 * $by),
            default => $this->date->startOfMonth()->plusMonths($by),
        };
    }
}
