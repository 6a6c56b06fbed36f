<?php

declare(strict_types=1);

use App\Absences\PersonnelCalendar;
use App\Calendar\CalendarReader;
use App\Models\Absences\Absence;
use App\Models\Absences\CalendarFeed;
use App\Models\Absences\StandInEvent;
use Carbon\CarbonImmutable;
use Database\Factories\Absences\AbsenceFactory;
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
use Tests\Support\House;

require_once __DIR__ . '/CalendarFunctions.php';

beforeEach(function (): void {
    beginCalendar();
});

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
    AbsenceFactory::new()
        ->of('femi')
        ->during(CarbonImmutable::parse('2026-03-10 09:00:00'), CarbonImmutable::parse('2026-03-10 12:00:00'))
        ->create(['slug' => 'b']);
    AbsenceFactory::new()
        ->of('femi')
        ->days('2026-03-20', '2026-03-20')
        ->asked()
        ->create(['slug' => 'c']);
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
        ->not->toContain('20260320');
    expect(substr_count($team, 'BEGIN:VEVENT'))->toBe(2);
    expect($team)->toContain('SUMMARY:Callum Rees away')->toContain('DESCRIPTION:In their place: Femi Adeyinka');
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
    expect(awayWhen())->toBe(['callum 2026-03-10 - 2026-03-12']);
    expect($this->get('/absences/calendars')->viewData('page')['props']['report'])->toMatchArray([
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
    expect(PersonnelCalendar::lastReport()['problem'] ?? null)->toBe($problem);
    expect(Absence::query()->count())->toBe(0);
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
    expect(array_unique(notTaken($plan)))->toBe(['It does not come, or so seldom that it can\'t be worked out.']);
    expect($plan->notUnderstood)->toHaveCount(3);

    // Of what is meant for each 31 February the first day is all that comes.
    expect(comes($plan))->toBe(['create femi', 'create femi', 'create femi']);
    expect(in_array(true, $locks, true))->toBeTrue();
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
    expect(count($reading->events))->toBeGreaterThan(1_000);
    expect(count($reading->notUnderstood))->toBeGreaterThan(20);

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
