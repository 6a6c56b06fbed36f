<?php

declare(strict_types=1);

namespace App\Calendar;

use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Refusal;
use OpenBaton\Core\Time\LocalDate;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Property\ICalendar\DateTime as CalendarTime;

/**
 * Reads days off and working hours from a calendar: whole days are holidays, times that come back every week are hours.
 */
final readonly class HoursCalendar
{
    private const WEEKDAYS = [
        'MO' => 'mon',
        'TU' => 'tue',
        'WE' => 'wed',
        'TH' => 'thu',
        'FR' => 'fri',
        'SA' => 'sat',
        'SU' => 'sun',
    ];

    private const MOST_DAYS = 31;

    public function __construct(private CalendarReader $reader) {}

    /**
     * @return array{holidays: list<string>, hours: array<string, mixed>|null, notUnderstood: list<NotUnderstood>}
     *     dates as YYYY-MM-DD, a pattern as in a roster document
     *
     * @throws DocumentError where it is no calendar, or one that is too large
     */
    public function read(string $text): array
    {
        $reading = $this->reader->read($text);
        $dates = [];
        $faults = $reading->notUnderstood;
        foreach ($reading->events as $event) {
            if ($event->firstDay === null || $event->lastDay === null || $event->cancelled) {
                continue;
            }
            $first = LocalDate::parse($event->firstDay);
            $days = LocalDate::parse($event->lastDay)->day - $first->day + 1;
            if ($days > self::MOST_DAYS) {
                $why = new Refusal('It lasts for more than {most} days.', most: self::MOST_DAYS);
                $faults[] = new NotUnderstood($event->title, $why);
            }
            for ($day = 0; $day < min($days, self::MOST_DAYS); ++$day) {
                $dates[$first->plus($day)->format()] = true;
            }
        }
        ksort($dates);

        return [
            'holidays' => array_map(strval(...), array_keys($dates)),
            'hours' => self::pattern(CalendarReader::parse($text)->select('VEVENT')),
            'notUnderstood' => $faults,
        ];
    }

    /**
     * @param array<mixed> $events
     *
     * @return array<string, mixed>|null null: nothing comes back every week
     */
    private static function pattern(array $events): ?array
    {
        $from = null;
        $week = [];
        foreach ($events as $event) {
            $start = $event instanceof VEvent ? $event->select('DTSTART')[0] ?? null : null;
            $end = $event instanceof VEvent ? $event->select('DTEND')[0] ?? null : null;
            if (
                !($event instanceof VEvent) ||
                !($start instanceof CalendarTime) ||
                !($end instanceof CalendarTime) ||
                !$start->hasTime()
            ) {
                continue;
            }
            parse_str(str_replace(';', '&', strtoupper(EventText::text($event, 'RRULE'))), $rule);
            if (($rule['FREQ'] ?? '') !== 'WEEKLY' || !in_array($rule['INTERVAL'] ?? '1', ['1'], true)) {
                continue;
            }
            $begin = $start->getDateTime();
            $from = $from === null || $begin->format('Y-m-d') < $from ? $begin->format('Y-m-d') : $from;
            $days = is_string($rule['BYDAY'] ?? null)
                ? explode(',', $rule['BYDAY'])
                : [strtoupper(substr($begin->format('D'), 0, 2))];
            foreach ($days as $day) {
                if (isset(self::WEEKDAYS[$day])) {
                    $week[self::WEEKDAYS[$day]][] = $begin->format('H:i') . '-' . $end->getDateTime()->format('H:i');
                }
            }
        }

        return $from === null || $week === [] ? null : ['from' => $from] + $week;
    }
}
