<?php

declare(strict_types=1);

namespace App\Calendar;

use DateTimeImmutable;
use DateTimeInterface;
use DateTimeZone;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Refusal;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Property;
use Sabre\VObject\Property\ICalendar\DateTime as CalendarTime;
use Sabre\VObject\Reader;
use Sabre\VObject\Recur\EventIterator;
use Sabre\VObject\TimeZoneUtil;
use Throwable;

/**
 * Reads a calendar (RFC 5545), whoever sends it: how large it is, how deep it
 * nests and how often an event recurs is bounded before anything is worked out.
 * What recurs is taken from eight weeks back to two years ahead.
 */
final readonly class CalendarReader
{
    private const MOST_TIMES = 400;
    /** Of all events of a calendar. */
    private const MOST_TIMES_IN_ALL = 20_000;
    private const LONGEST_DAYS = 400;
    private const PAST = '-8 weeks';
    private const AHEAD = '+2 years';
    private const FREQUENCIES = ['DAILY', 'WEEKLY', 'MONTHLY', 'YEARLY'];

    /** @param DateTimeZone $zone of the house, for times that name none */
    public function __construct(private DateTimeZone $zone, private DateTimeImmutable $now) {}

    /** @throws DocumentError where it is no calendar, or one that is too large */
    public static function parse(string $text): VCalendar
    {
        CalendarBounds::check($text);
        try {
            $calendar = Reader::read($text, Reader::OPTION_FORGIVING);
        } catch (Throwable) {
            // What the library throws at what it does not expect is not told by any one class.
            throw DocumentError::at('', 'This is not a calendar (iCalendar).');
        }

        return $calendar instanceof VCalendar
            ? $calendar
            : throw DocumentError::at('', 'This is not a calendar (iCalendar).');
    }

    /** @throws DocumentError where it is no calendar, or one that is too large */
    public function read(string $text): CalendarReading
    {
        $calendar = self::parse($text);
        $byUid = $events = $faults = [];
        foreach ($calendar->select('VEVENT') as $event) {
            if ($event instanceof VEvent) {
                $byUid[EventText::text($event, 'UID')][] = $event;
            }
        }
        $recurrence = new CalendarRecurrence($this->zone, $this->now->modify(self::AHEAD));
        foreach ($byUid as $uid => $all) {
            try {
                if ((string) $uid === '') {
                    throw new Refusal('It has no UID.');
                }
                array_push($events, ...$this->events((string) $uid, $all, $calendar, $recurrence));
                count($events) <= self::MOST_TIMES_IN_ALL ||
                    throw DocumentError::at(
                        '',
                        'The calendar has more than {most} times in the time that is looked at.',
                        most: self::MOST_TIMES_IN_ALL,
                    );
            } catch (DocumentError $error) {
                throw $error;
            } catch (Refusal $why) {
                $faults[] = new NotUnderstood(EventText::title($all[0]), $why);
            } catch (Throwable) {
                $why = new Refusal('It is not written as it should be.');
                $faults[] = new NotUnderstood(EventText::title($all[0]), $why);
            }
        }

        return new CalendarReading($events, $faults);
    }

    /**
     * @param list<VEvent> $all of one UID
     *
     * @return list<CalendarEvent>
     */
    private function events(string $uid, array $all, VCalendar $calendar, CalendarRecurrence $recurrence): array
    {
        foreach ($all as $event) {
            $this->checkTimes($event, $calendar);
        }
        array_map($recurrence->mustCome(...), $all);
        $recurs =
            array_filter($all, static fn(VEvent $event): bool => isset($event->RRULE) || isset($event->RDATE)) !== [];
        if (!$recurs && count($all) === 1) {
            return EventText::isFree($all[0]) ? [] : [$this->event($uid, $all[0], $calendar)];
        }
        $begin = $this->now->modify(self::PAST);
        $end = $this->now->modify(self::AHEAD);
        $iterator = new EventIterator($all, null, $this->zone);
        $iterator->fastForward($begin);
        $events = [];
        for ($times = 0; $iterator->valid() && $iterator->getDtStart() < $end; $iterator->next()) {
            if (++$times > self::MOST_TIMES) {
                throw new Refusal(
                    'It recurs more than {most} times in the time that is looked at.',
                    most: self::MOST_TIMES,
                );
            }
            $one = $iterator->getEventObject();
            if (!EventText::isFree($one)) {
                $events[] = $this->event(
                    $uid .
                        ' ' .
                        (isset($one->{'RECURRENCE-ID'})
                            ? EventText::text($one, 'RECURRENCE-ID')
                            : $iterator->getDtStart()->format('Ymd\THis')),
                    $one,
                    $calendar,
                    EventText::isCancelled($calendar, $all[0]),
                );
            }
        }

        return $events;
    }

    private function checkTimes(VEvent $event, VCalendar $calendar): void
    {
        $start = $event->DTSTART ?? null;
        if (!($start instanceof CalendarTime)) {
            throw new Refusal('It does not say when it begins.');
        }
        foreach (['DTSTART', 'DTEND', 'DURATION', 'RRULE'] as $once) {
            if (count($event->select($once)) > 1) {
                throw new Refusal('It says more than once what is said once: {name}.', name: $once);
            }
        }
        foreach ([$start, $event->DTEND ?? null] as $time) {
            $zone = $time instanceof CalendarTime ? EventText::parameter($time, 'TZID') : '';
            if ($zone !== '') {
                try {
                    TimeZoneUtil::getTimeZone($zone, $calendar, true);
                } catch (Throwable) {
                    throw new Refusal('Its time zone "{zone}" is not known.', zone: $zone);
                }
            }
        }
        $rule = EventText::text($event, 'RRULE');
        if (
            $rule !== '' &&
            (preg_match('/FREQ=([A-Z]+)/i', $rule, $found) !== 1 ||
                !in_array(strtoupper($found[1]), self::FREQUENCIES, true) ||
                preg_match('/BY(HOUR|MINUTE|SECOND)=/i', $rule) === 1)
        ) {
            throw new Refusal('It recurs more than once a day.');
        }
        if ($rule !== '' && $start->getDateTime($this->zone) < $this->now->modify('-10 years')) {
            throw new Refusal('It has recurred for more than ten years.');
        }
    }

    private function event(string $key, VEvent $event, VCalendar $calendar, bool $cancelled = false): CalendarEvent
    {
        $start = $event->select('DTSTART')[0] ?? null;
        if (!($start instanceof CalendarTime)) {
            throw new Refusal('It does not say when it begins.');
        }
        $days = !$start->hasTime();
        $from = $start->getDateTime($this->zone);
        $to = $this->end($event, $from, $days);
        if ($to <= $from || $to > $from->modify('+' . self::LONGEST_DAYS . ' days')) {
            throw $to <= $from
                ? new Refusal('It ends before it begins.')
                : new Refusal('It lasts for more than {most} days.', most: self::LONGEST_DAYS);
        }
        $last = DateTimeImmutable::createFromInterface($to)->modify('-1 day');
        if ($days && $last->format('Ymd') < $from->format('Ymd')) {
            throw new Refusal('It begins on a day and lasts for less than a day.');
        }

        return new CalendarEvent(
            $key,
            EventText::sequence($event),
            EventText::who($event),
            EventText::title($event),
            $cancelled || EventText::isCancelled($calendar, $event),
            $days ? $from->format('Y-m-d') : null,
            $days ? $last->format('Y-m-d') : null,
            $days ? null : $from->getTimestamp(),
            $days ? null : $to->getTimestamp(),
        );
    }

    private function end(VEvent $event, DateTimeImmutable $from, bool $days): DateTimeInterface
    {
        $end = $event->DTEND ?? null;
        if ($end instanceof CalendarTime) {
            return $end->getDateTime($this->zone);
        }
        $duration = $event->DURATION ?? null;

        return $duration instanceof Property\ICalendar\Duration
            ? $from->add($duration->getDateInterval())
            : $from->modify($days ? '+1 day' : '+0 seconds');
    }
}
