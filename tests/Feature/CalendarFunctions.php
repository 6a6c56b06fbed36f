<?php

declare(strict_types=1);

use App\Absences\ImportCalendar;
use App\Access\Actor;
use App\Calendar\CalendarLine;
use App\Calendar\CalendarPlan;
use App\Calendar\NotUnderstood;
use App\Models\Absences\Absence;
use App\Words\Words;
use OpenBaton\Core\Absence\AbsenceStatus;
use Tests\Support\Clock;
use Tests\Support\House;

/** @param list<string> $events lines of each, without UID and summary where they have none */
function calendar(string ...$events): string
{
    return "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//Personnel office//EN\r\n" .
        implode(
            '',
            array_map(
                static fn(string $event): string => "BEGIN:VEVENT\r\nDTSTAMP:20260301T000000Z\r\n" .
                    str_replace("\n", "\r\n", trim($event)) .
                    "\r\nEND:VEVENT\r\n",
                $events,
            ),
        ) .
        "END:VCALENDAR\r\n";
}

function take(string $text, string $source = 'file'): CalendarPlan
{
    app()->forgetScopedInstances();

    return app(ImportCalendar::class)($text, $source, Actor::user(House::user('hanneke')));
}

/** @return list<string> what each event comes to */
function comes(CalendarPlan $plan): array
{
    return array_map(static fn(CalendarLine $line): string => "{$line->what} {$line->person->slug}", $plan->lines);
}

/** @return list<string> why what was not taken was not */
function notTaken(CalendarPlan $plan): array
{
    return array_map(static fn(NotUnderstood $one): string => $one->said(new Words())['reason'], $plan->notUnderstood);
}

/** @return list<string> who is away when, in order */
function awayWhen(): array
{
    return array_values(
        Absence::query()
            ->with('person')
            ->where('status', AbsenceStatus::Approved)
            ->get()
            ->map(
                static fn(Absence $one): string => $one->person?->slug .
                    ' ' .
                    ($one->first_day === null
                        ? "{$one->from?->format('Y-m-d H:i')} - {$one->to?->format('Y-m-d H:i')}"
                        : "{$one->first_day->format('Y-m-d')} - {$one->last_day?->format('Y-m-d')}"),
            )
            ->sort()
            ->values()
            ->all(),
    );
}

/** The house of these tests. */
function beginCalendar(): void
{
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(
        House::rule(
            'one',
            ['all' => []],
            ['pool' => ['kind' => 'people', 'people' => ['callum']], 'method' => ['kind' => 'same_person']],
        ),
    );
}
