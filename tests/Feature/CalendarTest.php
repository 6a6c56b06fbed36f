<?php

declare(strict_types=1);

use App\Models\Absences\Absence;
use App\Models\Absences\CalendarEntry;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Database\Factories\Absences\AbsenceFactory;
use Tests\Support\House;

require_once __DIR__ . '/CalendarFunctions.php';

beforeEach(function (): void {
    beginCalendar();
});

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
    expect(comes($plan))->toBe(['create callum', 'create femi', 'create tobias']);

    // Halifax changed its clocks on 8 March: 9:00 is 12:00 UTC.
    expect(awayWhen())->toBe([
        'callum 2026-03-09 - 2026-03-13',
        'femi 2026-03-10 12:00 - 2026-03-10 16:00',
        'tobias 2026-03-10 09:00 - 2026-03-10 12:00',
    ]);
    expect($plan->notUnderstood)->toBe([]);
});

it('goes by UID and sequence: changes, cancels, and does nothing twice or backwards', function (): void {
    $event = static fn(string $first, int $sequence, string $more = ''): string => calendar(
        "UID:1\nSEQUENCE:{$sequence}\nDTSTART;VALUE=DATE:{$first}\nATTENDEE;CN=Callum Rees:mailto:x@y.example\n{$more}",
    );
    expect(comes(take($event('20260309', 0))))->toBe(['create callum']);
    expect(comes(take($event('20260309', 0))))->toBe(['same callum']);
    expect(comes(take($event('20260311', 2))))->toBe(['change callum']);
    expect(comes(take($event('20260310', 1))))->toBe(['same callum']);
    expect(awayWhen())->toBe(['callum 2026-03-11 - 2026-03-11']);

    // Another calendar may have the same UID.
    expect(comes(take($event('20260320', 0), 'other')))->toBe(['create callum']);
    expect(comes(take($event('20260311', 3, 'STATUS:CANCELLED'))))->toBe(['cancel callum']);
    expect(comes(take($event('20260311', 3, 'STATUS:CANCELLED'))))->toBe(['same callum']);
    expect(awayWhen())->toBe(['callum 2026-03-20 - 2026-03-20']);
    expect(comes(take($event('20260312', 4))))->toBe(['change callum']);
    expect(CalendarEntry::query()->count())->toBe(2);
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
    $absence = AbsenceFactory::new()
        ->of('callum')
        ->create(['slug' => 'by-hand', 'reason' => 'Fair']);
    AbsenceFactory::new()
        ->of('femi')
        ->create(['slug' => 'other']);
    expect(
        comes(
            take(
                calendar(
                    "UID:1\nDTSTART;VALUE=DATE:20260309\nDTEND;VALUE=DATE:20260314\nATTENDEE;CN=Callum " .
                        'Rees:mailto:x@y.example',
                ),
            ),
        ),
    )->toBe(['same callum']);
    expect(Absence::query()->count())->toBe(2);
    expect($absence->refresh()->reason)->toBe('Fair');
    expect(
        comes(
            take(
                calendar(
                    "UID:1\nSEQUENCE:1\nDTSTART;VALUE=DATE:20260310\nDTEND;VALUE=DATE:20260314\n" .
                        'ATTENDEE;CN=Callum Rees:mailto:x@y.example',
                ),
            ),
        ),
    )->toBe(['change callum']);
    expect(awayWhen())->toBe(['callum 2026-03-10 - 2026-03-13', 'femi 2026-03-09 - 2026-03-13']);
});
