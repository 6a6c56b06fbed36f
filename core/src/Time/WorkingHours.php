<?php

declare(strict_types=1);

namespace OpenBaton\Core\Time;

/** When somebody works, be it the house, a team or a person. */
interface WorkingHours
{
    public function zone(): Zone;

    /** Whether the calendars name the date as one without work. */
    public function isHoliday(LocalDate $date): bool;

    /**
     * The working time whose shifts begin on this local date. The last span
     * may reach into the next date.
     *
     * @return list<Span> in order, apart from each other
     */
    public function spansOf(LocalDate $date): array;
}
