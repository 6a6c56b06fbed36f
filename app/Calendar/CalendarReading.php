<?php

declare(strict_types=1);

namespace App\Calendar;

/** What was found in a calendar, and what was not understood. */
final readonly class CalendarReading
{
    /**
     * @param list<CalendarEvent> $events
     * @param list<NotUnderstood> $notUnderstood
     */
    public function __construct(public array $events, public array $notUnderstood) {}
}
