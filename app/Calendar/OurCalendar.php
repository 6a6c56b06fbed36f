<?php

declare(strict_types=1);

namespace App\Calendar;

use Sabre\VObject\Component\VCalendar;

/** A calendar (RFC 5545) that the application writes, empty yet. */
final class OurCalendar
{
    /** @param string $of what is in it, such as "Work" */
    public static function begin(string $of): VCalendar
    {
        $calendar = new VCalendar();
        $calendar->remove('PRODID');
        $calendar->add('PRODID', "-//Open Baton//{$of}//EN");

        return $calendar;
    }
}
