<?php

declare(strict_types=1);

namespace App\Calendar;

use App\Models\Absences\Absence;
use App\Models\Absences\CalendarEntry;
use App\Models\People\Person;
use Illuminate\Database\Eloquent\Collection;
use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\Refusal;

/**
 * What a calendar would bring about: events are told by their UID, and an earlier sequence than one that was taken
 * changes nothing.
 */
final readonly class CalendarPlan
{
    /**
     * @param list<CalendarLine>  $lines
     * @param list<NotUnderstood> $notUnderstood
     */
    private function __construct(public array $lines, public array $notUnderstood) {}

    public static function of(CalendarReading $reading, string $source): self
    {
        $people = self::people();
        $alive = Absence::query()
            ->whereIn('status', [AbsenceStatus::Asked, AbsenceStatus::Approved])
            ->get()
            ->groupBy('person_id');
        $entries = CalendarEntry::query()->with('absence')->where('source', $source)->get()->keyBy('event');
        $lines = [];
        $faults = $reading->notUnderstood;
        foreach ($reading->events as $event) {
            $person = null;
            foreach ($event->who as $name) {
                $person ??= $people[$name] ?? null;
            }
            $entry = $entries->get($event->hash());
            if ($person === null) {
                $why =
                    $event->who === []
                        ? new Refusal('It does not say whom it is about.')
                        : new Refusal('Nobody of the house is {who}.', who: implode(', ', $event->who));
                $faults[] = new NotUnderstood($event->title, $why);
            } elseif ($entry !== null || !$event->cancelled) {
                $lines[] = self::line($event, $person, $entry, $alive->get($person->id, new Collection()));
            }
        }

        return new self($lines, $faults);
    }

    /** @param Collection<int, Absence> $alive of the person */
    private static function line(
        CalendarEvent $event,
        Person $person,
        ?CalendarEntry $entry,
        Collection $alive,
    ): CalendarLine {
        // One that somebody has entered by hand for the same time is the same.
        $absence =
            $entry === null
                ? $alive->first(static fn(Absence $one): bool => !self::differs($event, $one))
                : $entry->absence;
        $what = match (true) {
            $entry !== null && $event->sequence < $entry->sequence => CalendarLine::SAME,
            $absence === null => $event->cancelled ? CalendarLine::SAME : CalendarLine::CREATE,
            $event->cancelled => $absence->status->isAlive() ? CalendarLine::CANCEL : CalendarLine::SAME,
            // What was called off here stays so until the calendar says something new.
            !$absence->status->isAlive() => $entry !== null && $event->sequence > $entry->sequence
                ? CalendarLine::CHANGE
                : CalendarLine::SAME,
            self::differs($event, $absence) => CalendarLine::CHANGE,
            default => CalendarLine::SAME,
        };

        return new CalendarLine($what, $event, $person, $absence, $entry);
    }

    private static function differs(CalendarEvent $event, Absence $absence): bool
    {
        return [$event->firstDay, $event->lastDay, $event->from, $event->to] !== [
            $absence->first_day?->format('Y-m-d'),
            $absence->last_day?->format('Y-m-d'),
            $absence->from?->getTimestamp(),
            $absence->to?->getTimestamp(),
        ];
    }

    /** @return array<string, Person> by address and by name, in small letters */
    private static function people(): array
    {
        $people = [];
        foreach (Person::query()->with('user')->where('active', true)->orderByDesc('position')->get() as $person) {
            foreach ([$person->name, $person->user?->email, $person->email] as $name) {
                if ($name !== null && $name !== '') {
                    $people[mb_strtolower($name)] = $person;
                }
            }
        }

        return $people;
    }
}
