<?php

declare(strict_types=1);

namespace App\Duties;

use App\Bridge\Snapshot;
use App\Calendar\OurCalendar;
use App\Models\Duties\Duty as DutyRow;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Flow\Duty\ByCalendar;
use OpenBaton\Core\Flow\Duty\DutyDates;
use OpenBaton\Core\Flow\Duty\DutyLedger;
use OpenBaton\Core\Time\LocalDate;

/**
 * Writes the next dates of duties as a calendar (RFC 5545): a VEVENT for each, where it really is, since a recurrence
 * can't say holidays of the house. They leave the time free.
 */
final readonly class DutyCalendar
{
    private const DATES = 12;

    private DutyDates $dates;

    public function __construct(private Snapshot $house)
    {
        $this->dates = new DutyDates($house->roster->house);
    }

    /** @param iterable<DutyRow> $rows */
    public function write(iterable $rows): string
    {
        $calendar = OurCalendar::begin('Duties');
        foreach ($rows as $row) {
            foreach ($this->days($row) as $key => $date) {
                $event = $calendar->createComponent('VEVENT', [
                    'UID' => "duty-{$row->slug}-{$key}@open-baton",
                    'DTSTAMP' => ($row->updated_at ?? now())->toDateTimeImmutable(),
                    'SEQUENCE' => (int) $row->revision,
                    'SUMMARY' => $row->name,
                    'URL' => url("duties/{$row->slug}/edit"),
                    'TRANSP' => 'TRANSPARENT',
                ]);
                $event->add('DTSTART', str_replace('-', '', $date->format()), ['VALUE' => 'DATE']);
                $event->add('DTEND', str_replace('-', '', $date->plus(1)->format()), ['VALUE' => 'DATE']);
                $calendar->add($event);
            }
        }

        return $calendar->serialize();
    }

    /** @return array<string, LocalDate> by their place in the rhythm; of what comes after the last, the next alone */
    private function days(DutyRow $row): array
    {
        $duty = ReadDuty::kept(Node::root($row->document), $this->house);
        $next = $row->next_date === null ? null : LocalDate::parse($row->next_date->format('Y-m-d'));
        if (!($duty->rhythm instanceof ByCalendar)) {
            return $next === null ? [] : [$next->format() => $next];
        }
        $through = LocalDate::parse($row->through->format('Y-m-d'));
        $days = [];
        foreach ($this->dates->next($duty, new DutyLedger($through), self::DATES) as $date) {
            $days[$date->key->format()] = $date->date;
        }

        return $days;
    }
}
