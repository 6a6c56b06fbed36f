<?php

declare(strict_types=1);

use App\Absences\ImportCalendar;
use App\Absences\PersonnelCalendar;
use App\Access\Actor;
use App\Calendar\CalendarLine;
use App\Calendar\CalendarPlan;
use App\Calendar\CalendarReader;
use App\Models\Absences\Absence;
use App\Models\Absences\CalendarEntry;
use App\Models\Absences\CalendarFeed;
use App\Models\Absences\StandInEvent;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\URL;
use Illuminate\Testing\TestResponse;
use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Tests\Support\RandomRecurrence;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Clock;
use Tests\Support\House;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(
        House::rule(
            'one',
            ['all' => []],
            ['pool' => ['kind' => 'people', 'people' => ['callum']], 'method' => ['kind' => 'same_person']],
        ),
    );
});

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

it('takes whole days and times, of whoever the event is about', function (): void {
    Person::query()
        ->where('slug', 'femi')
        ->update(['email' => 'femi@office.example']);
    $plan = take(
        calendar(
            "UID:1\nSUMMARY:Callum away\nDTSTART;VALUE=DATE:20260309\nDTEND;VALUE=DATE:20260314\n" .
                'ATTENDEE;CN=Callum Rees:mailto:somewhere@else.example',
            "UID:2\nDTSTART;TZID=America/Halifax:20260310T090000\nDURATION:PT4H\nATTENDEE:MAILTO:Femi@Office.example",
            "UID:3\nDTSTART:20260310T090000Z\nDTEND:20260310T120000Z\nORGANIZER:mailto:tobias@alderquill.example",
            "UID:4\nDTSTART;VALUE=DATE:20260312\nORGANIZER;CN=Ayumi Kato:mailto:a@b.example\nTRANSP:TRANSPARENT",
        ),
    );
    expect(comes($plan))
        ->toBe(['create callum', 'create femi', 'create tobias'])
        // Halifax changed its clocks on 8 March: 9:00 is 12:00 UTC.
        ->and(awayWhen())
        ->toBe([
            'callum 2026-03-09 - 2026-03-13',
            'femi 2026-03-10 12:00 - 2026-03-10 16:00',
            'tobias 2026-03-10 09:00 - 2026-03-10 12:00',
        ])
        ->and($plan->notUnderstood)
        ->toBe([]);
});

it('goes by UID and sequence: changes, cancels, and does nothing twice or backwards', function (): void {
    $event = static fn(string $first, int $sequence, string $more = ''): string => calendar(
        "UID:1\nSEQUENCE:{$sequence}\nDTSTART;VALUE=DATE:{$first}\nATTENDEE;CN=Callum Rees:mailto:x@y.example\n{$more}",
    );
    expect(comes(take($event('20260309', 0))))
        ->toBe(['create callum'])
        ->and(comes(take($event('20260309', 0))))
        ->toBe(['same callum'])
        ->and(comes(take($event('20260311', 2))))
        ->toBe(['change callum'])
        ->and(comes(take($event('20260310', 1))))
        ->toBe(['same callum'])
        ->and(awayWhen())
        ->toBe(['callum 2026-03-11 - 2026-03-11'])
        // Another calendar may have the same UID.
        ->and(comes(take($event('20260320', 0), 'other')))
        ->toBe(['create callum'])
        ->and(comes(take($event('20260311', 3, 'STATUS:CANCELLED'))))
        ->toBe(['cancel callum'])
        ->and(comes(take($event('20260311', 3, 'STATUS:CANCELLED'))))
        ->toBe(['same callum'])
        ->and(awayWhen())
        ->toBe(['callum 2026-03-20 - 2026-03-20'])
        ->and(comes(take($event('20260312', 4))))
        ->toBe(['change callum'])
        ->and(CalendarEntry::query()->count())
        ->toBe(2);
});

it('hands work over and back as the calendar moves', function (): void {
    $task = House::arrive();
    $task->update(['due_at' => CarbonImmutable::parse('2026-03-03T12:00:00Z'), 'estimate_minutes' => 60]);
    $event = static fn(string $more): string => calendar(
        "UID:1\nDTSTART;VALUE=DATE:20260302\nDTEND;VALUE=DATE:20260304\nATTENDEE;CN=Callum " .
            "Rees:mailto:x@y.example\n{$more}",
    );
    take($event('SEQUENCE:0'));
    expect(Task::query()->with('assignee')->sole()->assignee?->slug)->toBe('ayumi');
    take($event("SEQUENCE:1\nSTATUS:CANCELLED"));
    expect(Task::query()->with('assignee')->sole()->assignee?->slug)->toBe('callum');
});

it('takes what recurs one by one, with what was moved and left out', function (): void {
    take(
        calendar(
            "UID:r\nDTSTART;VALUE=DATE:20260306\nRRULE:FREQ=WEEKLY;COUNT=4\nEXDATE;VALUE=DATE:20260313\n" .
                'ATTENDEE;CN=Callum Rees:mailto:x@y.example',
            "UID:r\nRECURRENCE-ID;VALUE=DATE:20260320\nDTSTART;VALUE=DATE:20260319\nATTENDEE;CN=Callum " .
                'Rees:mailto:x@y.example',
        ),
    );
    expect(awayWhen())->toBe([
        'callum 2026-03-06 - 2026-03-06',
        'callum 2026-03-19 - 2026-03-19',
        'callum 2026-03-27 - 2026-03-27',
    ]);
});

it('leaves alone what was entered by hand, and knows it again', function (): void {
    $absence = Absence::query()->create([
        'slug' => 'by-hand',
        'person_id' => House::person('callum')->id,
        'first_day' => '2026-03-09',
        'last_day' => '2026-03-13',
        'status' => AbsenceStatus::Approved,
        'reason' => 'Fair',
    ]);
    Absence::query()->create([
        'slug' => 'other',
        'person_id' => House::person('femi')->id,
        'first_day' => '2026-03-09',
        'last_day' => '2026-03-13',
        'status' => AbsenceStatus::Approved,
    ]);
    expect(
        comes(
            take(
                calendar(
                    "UID:1\nDTSTART;VALUE=DATE:20260309\nDTEND;VALUE=DATE:20260314\nATTENDEE;CN=Callum " .
                        'Rees:mailto:x@y.example',
                ),
            ),
        ),
    )
        ->toBe(['same callum'])
        ->and(Absence::query()->count())
        ->toBe(2)
        ->and($absence->refresh()->reason)
        ->toBe('Fair')
        ->and(
            comes(
                take(
                    calendar(
                        "UID:1\nSEQUENCE:1\nDTSTART;VALUE=DATE:20260310\nDTEND;VALUE=DATE:20260314\n" .
                            'ATTENDEE;CN=Callum Rees:mailto:x@y.example',
                    ),
                ),
            ),
        )
        ->toBe(['change callum'])
        ->and(awayWhen())
        ->toBe(['callum 2026-03-10 - 2026-03-13', 'femi 2026-03-09 - 2026-03-13']);
});

it('says what it has not understood, and takes the rest', function (string $event, string $reason): void {
    $plan = take(calendar($event, "UID:ok\nDTSTART;VALUE=DATE:20260309\nATTENDEE;CN=Callum Rees:mailto:x@y.example"));
    expect(array_column($plan->notUnderstood, 'reason'))
        ->toBe([$reason])
        ->and(comes($plan))
        ->toBe(['create callum']);
})->with([
    'nobody' => ["UID:1\nDTSTART;VALUE=DATE:20260309", 'It does not say whom it is about.'],
    'a stranger' => [
        "UID:1\nDTSTART;VALUE=DATE:20260309\nATTENDEE:mailto:who@else.example",
        'Nobody of the house is who@else.example.',
    ],
    'no begin' => ["UID:1\nATTENDEE;CN=Callum Rees:mailto:x@y.example", 'It does not say when it begins.'],
    'no UID' => ["DTSTART;VALUE=DATE:20260309\nATTENDEE;CN=Callum Rees:mailto:x@y.example", 'It has no UID.'],
    'a zone' => [
        "UID:1\nDTSTART;TZID=Selwyn/Harbour:20260309T090000\nDURATION:PT1H\nATTENDEE;CN=Callum Rees:mailto:x@y.example",
        'Its time zone "Selwyn/Harbour" is not known.',
    ],
    'the end before the begin' => [
        "UID:1\nDTSTART:20260309T090000Z\nDTEND:20260308T090000Z\nATTENDEE;CN=Callum Rees:mailto:x@y.example",
        'It ends before it begins.',
    ],
    'two years at once' => [
        "UID:1\nDTSTART;VALUE=DATE:20260309\nDTEND;VALUE=DATE:20280309\nATTENDEE;CN=Callum Rees:mailto:x@y.example",
        'It lasts for more than 400 days.',
    ],
    'a day of four hours' => [
        "UID:1\nDTSTART;VALUE=DATE:20260309\nDURATION:PT4H\nATTENDEE;CN=Callum Rees:mailto:x@y.example",
        'It begins on a day and lasts for less than a day.',
    ],
    'a day until noon' => [
        "UID:1\nDTSTART;VALUE=DATE:20260309\nDTEND:20260309T120000Z\nATTENDEE;CN=Callum Rees:mailto:x@y.example",
        'It begins on a day and lasts for less than a day.',
    ],
    'two begins' => [
        "UID:1\nDTSTART;VALUE=DATE:20260309\nDTSTART:20260310T090000Z\nDURATION:PT4H\nATTENDEE;CN=Callum " .
        'Rees:mailto:x@y.example',
        'It says more than once what is said once: DTSTART.',
    ],
    'a sequence beyond numbers' => [
        "UID:1\nDTSTART;VALUE=DATE:20260309\nSEQUENCE:2147483648\nATTENDEE;CN=Callum Rees:mailto:x@y.example",
        'Its SEQUENCE is not a number from 0 to 2147483647.',
    ],
    'every hour' => [
        "UID:1\nDTSTART:20260309T090000Z\nDURATION:PT1H\nRRULE:FREQ=HOURLY\nATTENDEE;CN=Callum Rees:mailto:x@y.example",
        'It recurs more than once a day.',
    ],
    'every day for ever' => [
        "UID:1\nDTSTART;VALUE=DATE:20260309\nRRULE:FREQ=DAILY\nATTENDEE;CN=Callum Rees:mailto:x@y.example",
        'It recurs more than 400 times in the time that is looked at.',
    ],
    'since ever' => [
        "UID:1\nDTSTART;VALUE=DATE:19000101\nRRULE:FREQ=DAILY\nATTENDEE;CN=Callum Rees:mailto:x@y.example",
        'It has recurred for more than ten years.',
    ],
]);

it('refuses what is no calendar, or too much of one, and takes nothing of it', function (
    Closure $text,
    string $reason,
): void {
    expect(static fn() => take($text()))
        ->toThrow(DocumentError::class, $reason)
        ->and(Absence::query()->count())
        ->toBe(0);
})->with([
    'a letter' => [static fn(): string => 'Dear all', 'This is not a calendar'],
    'a card' => [
        static fn(): string => "BEGIN:VCARD\r\nVERSION:4.0\r\nFN:X\r\nEND:VCARD\r\n",
        'This is not a calendar',
    ],
    'another encoding' => [
        static fn(): string => calendar("UID:1\nSUMMARY:R\xf3n\xe1n\nDTSTART;VALUE=DATE:20260309"),
        'not in UTF-8',
    ],
    'too large' => [static fn(): string => calendar('UID:1') . str_repeat('x', 2_100_000), 'at most 2 MB'],
    'nested' => [
        static fn(): string => str_repeat("BEGIN:VCALENDAR\r\n", 1000) . str_repeat("END:VCALENDAR\r\n", 1000),
        'nested too deep',
    ],
    'too many' => [static fn(): string => calendar(...array_fill(0, 5001, 'UID:1')), 'at most 5000 events'],
]);

it('goes out under a secret address, without why', function (): void {
    Absence::query()
        ->create([
            'slug' => 'a',
            'person_id' => House::person('callum')->id,
            'first_day' => '2026-03-09',
            'last_day' => '2026-03-13',
            'status' => AbsenceStatus::Approved,
            'reason' => 'Operation',
        ])
        ->syncSubstitutes([House::person('femi')->id]);
    Absence::query()->create([
        'slug' => 'b',
        'person_id' => House::person('femi')->id,
        'from' => '2026-03-10 09:00:00',
        'to' => '2026-03-10 12:00:00',
        'status' => AbsenceStatus::Approved,
    ]);
    Absence::query()->create([
        'slug' => 'c',
        'person_id' => House::person('femi')->id,
        'first_day' => '2026-03-20',
        'last_day' => '2026-03-20',
        'status' => AbsenceStatus::Asked,
    ]);
    $this->actingAs(House::user('femi'))->post('/absences/calendars/renew');
    $this->actingAs(House::user('femi'))
        ->post('/absences/calendars/renew', ['team' => 'brass-bench'])
        ->assertForbidden();
    $this->actingAs(House::user('hanneke'))->post('/absences/calendars/renew', ['team' => 'brass-bench']);
    auth()->logout();
    $read = fn(CalendarFeed $feed): string => (string) $this->get("/calendar/{$feed->secret}.ics")
        ->assertOk()
        ->assertHeader('Content-Type', 'text/calendar; charset=utf-8')
        ->getContent();
    $own = $read(CalendarFeed::query()->whereNotNull('person_id')->sole());
    $team = $read(CalendarFeed::query()->whereNotNull('team_id')->sole());
    expect($own)
        ->toContain('SUMMARY:Callum Rees away\, Femi Adeyinka stands in')
        ->toContain("DTSTART;VALUE=DATE:20260309\r\nDTEND;VALUE=DATE:20260314")
        ->toContain("DTSTART:20260310T090000Z\r\nDTEND:20260310T120000Z")
        ->not->toContain('Operation')
        ->not->toContain('20260320')
        ->and(substr_count($team, 'BEGIN:VEVENT'))
        ->toBe(2)
        ->and($team)
        ->toContain('SUMMARY:Callum Rees away')
        ->toContain('DESCRIPTION:In their place: Femi Adeyinka');
    $secret = CalendarFeed::query()->whereNotNull('person_id')->sole()->secret;
    $this->actingAs(House::user('femi'))->post('/absences/calendars/renew');
    $this->get("/calendar/{$secret}.ics")->assertNotFound();
});

it('asks the stand-in of the personnel office, as it would any other, and says what came of it', function (): void {
    $event = StandInEvent::query()->create([
        'name' => 'Callum Rees',
        'first_day' => '2026-03-09',
        'last_day' => '2026-03-13',
    ]);
    StandInEvent::query()->create(['name' => 'Somebody Else', 'first_day' => '2026-03-09', 'last_day' => '2026-03-13']);
    $answer = fn(): string => (string) $this->get(URL::signedRoute('personnel-calendar'))->assertOk()->getContent();
    $this->get('/stand-ins/personnel.ics')->assertForbidden();
    Http::fake(static fn() => Http::response($answer()));
    $this->artisan('baton:poll-calendar')->assertSuccessful();
    expect(awayWhen())->toBe(['callum 2026-03-09 - 2026-03-13']);
    $this->actingAs(House::user('hanneke'))->post('/stand-ins/personnel', [
        'event' => $event->id,
        'first_day' => '2026-03-10',
        'last_day' => '2026-03-12',
    ]);
    $this->actingAs(House::user('hanneke'))->post('/absences/calendars/poll');
    expect(awayWhen())
        ->toBe(['callum 2026-03-10 - 2026-03-12'])
        ->and($this->get('/absences/calendars')->viewData('page')['props']['report'])
        ->toMatchArray([
            'problem' => null,
            'counts' => ['change' => 1],
            'notUnderstood' => [
                [
                    'title' => 'Somebody Else: leave',
                    'reason' => 'Nobody of the house is personnel@office.example, somebody else.',
                ],
            ],
        ]);
    $this->post("/stand-ins/personnel/{$event->id}/cancel");
    $this->post('/absences/calendars/poll');
    expect(awayWhen())->toBe([]);
    $this->actingAs(House::user('femi'))
        ->post('/stand-ins/personnel', [
            'name' => 'Femi Adeyinka',
            'first_day' => '2026-03-10',
            'last_day' => '2026-03-12',
        ])
        ->assertForbidden();
});

it('says that the calendar cannot be read, and changes nothing', function (mixed $answer, string $problem): void {
    Http::fake($answer);
    $this->artisan('baton:poll-calendar')->assertFailed();
    expect(PersonnelCalendar::lastReport()['problem'] ?? null)
        ->toBe($problem)
        ->and(Absence::query()->count())
        ->toBe(0);
})->with([
    'it is down' => [static fn() => Http::response('', 503), 'The calendar answered 503.'],
    'it is gone' => [static fn() => throw new ConnectionException('no route'), 'The calendar cannot be reached.'],
    'it is something else' => [
        static fn() => Http::response('<html>Sign in</html>'),
        'This is not a calendar (iCalendar).',
    ],
]);

it('reads days off and weekly hours, for whoever edits hours', function (): void {
    $text = calendar(
        "UID:1\nSUMMARY:St Patrick\nDTSTART;VALUE=DATE:20260317",
        "UID:2\nSUMMARY:Fair\nDTSTART;VALUE=DATE:20260401\nDTEND;VALUE=DATE:20260403",
        "UID:3\nDTSTART;TZID=Europe/Dublin:20260302T090000\nDTEND;TZID=Europe/Dublin:20260302T130000\n" .
            'RRULE:FREQ=WEEKLY;BYDAY=MO,WE',
    );
    $send = fn(string $who, string $text): TestResponse => $this->actingAs(House::user($who))->call(
        'POST',
        '/absences/calendars/hours',
        [],
        [],
        [],
        ['HTTP_ACCEPT' => 'application/json'],
        $text,
    );
    expect($send('hanneke', $text)->assertOk()->json())->toBe([
        'holidays' => ['2026-03-17', '2026-04-01', '2026-04-02'],
        'hours' => ['from' => '2026-03-02', 'mon' => ['09:00-13:00'], 'wed' => ['09:00-13:00']],
        'notUnderstood' => [],
    ]);
    $send('hanneke', 'nothing')->assertUnprocessable();
    $send('femi', $text)->assertForbidden();
});

it('refuses what never comes with the reason, takes the rest, and holds no lock while it reads', function (): void {
    $event = static fn(
        string $uid,
        string $rule,
        string $day = '20260302',
    ): string => "UID:{$uid}\nATTENDEE;CN=Femi Adeyinka:mailto:x@y.example\nDTSTART;VALUE=DATE:{$day}\nRRULE:{$rule}";
    $locks = [];
    DB::listen(static function (QueryExecuted $query) use (&$locks): void {
        $locks[] = str_contains($query->sql, 'for update');
    });
    $plan = take(
        calendar(
            $event('a', 'FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30'),
            $event('b', 'FREQ=DAILY;INTERVAL=7;BYDAY=TU'),
            $event('c', 'FREQ=YEARLY;BYWEEKNO=53;BYDAY=MO'),
            $event('d', 'FREQ=MONTHLY;INTERVAL=12;BYMONTHDAY=31', '20260202'),
            $event('e', 'FREQ=MONTHLY;COUNT=2'),
        ),
    );
    expect(array_unique(array_column($plan->notUnderstood, 'reason')))
        ->toBe(['It does not come, or so seldom that it can\'t be worked out.'])
        ->and($plan->notUnderstood)
        ->toHaveCount(3)
        // Of what is meant for each 31 February the first day is all that comes.
        ->and(comes($plan))
        ->toBe(['create femi', 'create femi', 'create femi'])
        ->and(in_array(true, $locks, true))
        ->toBeTrue();
});

it('ends by itself whatever recurs, and says of a calendar that is too much for it', function (): void {
    $random = new Randomizer(new Mt19937(5545));
    $events = [];
    for ($number = 0; $number < 400; ++$number) {
        $events[] =
            "UID:r{$number}\nATTENDEE;CN=Femi Adeyinka:mailto:x@y.example\nDTSTART;VALUE=DATE:20260131\nRRULE:" .
            RandomRecurrence::of($random);
    }
    $reading = (new CalendarReader(new DateTimeZone('Europe/Dublin'), CarbonImmutable::now()))->read(
        calendar(...$events),
    );
    expect(count($reading->events))->toBeGreaterThan(1_000)->and(count($reading->notUnderstood))->toBeGreaterThan(20);

    $daily = array_map(
        static fn(
            int $n,
        ): string => "UID:d{$n}\nATTENDEE;CN=Femi Adeyinka:mailto:x@y.example\nDTSTART;VALUE=DATE:20160401\n" .
            'RRULE:FREQ=DAILY;COUNT=3700',
        range(1, 400),
    );
    expect(
        static fn() => (new CalendarReader(new DateTimeZone('Europe/Dublin'), CarbonImmutable::now()))->read(
            calendar(...$daily),
        ),
    )->toThrow(DocumentError::class, 'too much for one calendar');
});
