<?php

declare(strict_types=1);

namespace App\Calendar;

use App\Models\Absences\Absence;
use App\Models\Absences\StandInEvent;
use App\Models\People\Person;
use DateTimeImmutable;
use DateTimeZone;
use Sabre\VObject\Component;
use Sabre\VObject\Component\VCalendar;

/**
 * Writes absences as a calendar (RFC 5545). Why somebody is away is theirs and the lead's to know, and is not in it.
 */
final class CalendarWriter
{
    /** @param iterable<Absence> $absences with their people and substitutes */
    public static function absences(iterable $absences, ?Person $of): string
    {
        $calendar = OurCalendar::begin('Absences');
        foreach ($absences as $absence) {
            $name = (string) $absence->person?->name;
            $covers = $of !== null && $absence->person_id !== $of->id;
            $event = [
                'UID' => "{$absence->slug}@open-baton",
                'SUMMARY' => $covers ? "{$name} away, {$of->name} stands in" : "{$name} away",
                'DTSTAMP' => ($absence->updated_at ?? now())->toDateTimeImmutable(),
                'SEQUENCE' => (int) $absence->updated_at?->getTimestamp(),
                'TRANSP' => $covers ? 'TRANSPARENT' : 'OPAQUE',
            ];
            $stands = $absence->substitutes->map(static fn(Person $one): string => $one->name)->implode(', ');
            if ($stands !== '') {
                $event['DESCRIPTION'] = "In their place: {$stands}";
            }
            self::add(
                $calendar,
                $event,
                $absence->first_day?->toDateTimeImmutable(),
                $absence->last_day?->toDateTimeImmutable(),
                $absence->from?->toDateTimeImmutable(),
                $absence->to?->toDateTimeImmutable(),
            );
        }

        return $calendar->serialize();
    }

    /** @param iterable<StandInEvent> $events */
    public static function standIn(iterable $events): string
    {
        $calendar = OurCalendar::begin('Absences');
        foreach ($events as $event) {
            $added = self::add(
                $calendar,
                [
                    'UID' => "{$event->id}@personnel.example",
                    'SUMMARY' => "{$event->name}: leave",
                    'SEQUENCE' => $event->sequence,
                    'STATUS' => $event->cancelled ? 'CANCELLED' : 'CONFIRMED',
                ],
                $event->first_day->toDateTimeImmutable(),
                $event->last_day->toDateTimeImmutable(),
            );
            $added->add('ATTENDEE', 'mailto:personnel@office.example', ['CN' => $event->name]);
        }

        return $calendar->serialize();
    }

    /** @param array<string, mixed> $values */
    private static function add(
        VCalendar $calendar,
        array $values,
        ?DateTimeImmutable $first,
        ?DateTimeImmutable $last,
        ?DateTimeImmutable $from = null,
        ?DateTimeImmutable $to = null,
    ): Component {
        $event = $calendar->createComponent('VEVENT', $values);
        if ($first !== null && $last !== null) {
            $event->add('DTSTART', $first->format('Ymd'), ['VALUE' => 'DATE']);
            $event->add('DTEND', $last->modify('+1 day')->format('Ymd'), ['VALUE' => 'DATE']);
        } else {
            $utc = new DateTimeZone('UTC');
            $event->add('DTSTART', $from?->setTimezone($utc)->format('Ymd\THis\Z'));
            $event->add('DTEND', $to?->setTimezone($utc)->format('Ymd\THis\Z'));
        }
        $calendar->add($event);

        return $event;
    }
}
