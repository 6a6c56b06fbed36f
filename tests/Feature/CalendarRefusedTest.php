<?php

declare(strict_types=1);

use App\Models\Absences\Absence;
use OpenBaton\Core\Document\DocumentError;

require_once __DIR__ . '/CalendarFunctions.php';

beforeEach(function (): void {
    beginCalendar();
});

it('says what it has not understood, and takes the rest', function (string $event, string $reason): void {
    $plan = take(calendar($event, "UID:ok\nDTSTART;VALUE=DATE:20260309\nATTENDEE;CN=Callum Rees:mailto:x@y.example"));
    expect(notTaken($plan))->toBe([$reason]);
    expect(comes($plan))->toBe(['create callum']);
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
    expect(static fn() => take($text()))->toThrow(DocumentError::class, $reason);
    expect(Absence::query()->count())->toBe(0);
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
