<?php

declare(strict_types=1);

namespace App\Calendar;

use App\Models\Absences\Absence;
use App\Models\Absences\CalendarEntry;
use App\Models\People\Person;

/** What an event of a calendar comes to. */
final readonly class CalendarLine
{
    public const CREATE = 'create';
    public const CHANGE = 'change';
    public const CANCEL = 'cancel';
    public const SAME = 'same';

    /** @param 'create'|'change'|'cancel'|'same' $what */
    public function __construct(
        public string $what,
        public CalendarEvent $event,
        public Person $person,
        public ?Absence $absence,
        public ?CalendarEntry $entry,
    ) {}
}
