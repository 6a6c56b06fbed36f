<?php

declare(strict_types=1);

use OpenBaton\Core\Refusal;
use OpenBaton\Core\Subject\Follow;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\Offset;
use OpenBaton\Core\Time\Recurrence;
use OpenBaton\Core\Time\TimeOfDay;
use OpenBaton\Core\Time\WorkingTime;
use OpenBaton\Core\Time\Zone;

it('goes so far from a date', function (string $offset, string $from, string $expected): void {
    $house = Build::calendar('Europe/Dublin', '09:00-17:00', [1, 2, 3, 4, 5], '2026-03-17');
    expect(Offset::parse($offset)->fromDate(LocalDate::parse($from), $house)->format())->toBe($expected);
    expect(Offset::parse($offset)->format())->toBe($offset);
})->with([
    ['-20 days', '2026-03-10', '2026-02-18'],
    ['+0 days', '2026-03-10', '2026-03-10'],
    ['+9999 days', '2026-03-10', '2053-07-25'],
    ['-2 weeks', '2026-03-10', '2026-02-24'],
    // 28 is the last of February; the day of the month is not carried on.
    ['-1 months', '2026-03-31', '2026-02-28'],
    ['-1 months', '2024-03-31', '2024-02-29'],
    ['+1 months', '2026-01-31', '2026-02-28'],
    ['+12 months', '2026-02-28', '2027-02-28'],
    ['-3 months', '2026-01-15', '2025-10-15'],
    ['+1 months', '2026-12-31', '2027-01-31'],
    // Tuesday the 17th is a holiday.
    ['+1 working_days', '2026-03-13', '2026-03-16'],
    ['+2 working_days', '2026-03-13', '2026-03-18'],
    ['-1 working_days', '2026-03-18', '2026-03-16'],
    ['+1 working_days', '2026-03-14', '2026-03-16'],
    ['-1 working_days', '2026-03-15', '2026-03-13'],
    ['+0 working_days', '2026-03-15', '2026-03-15'],
    ['+26 hours', '2026-03-10', '2026-03-11'],
]);

it('keeps the reading of the clock over both changes of it, and counts hours by the world', function (
    string $offset,
    string $from,
    string $expected,
): void {
    expect(Offset::parse($offset)->fromInstant(Build::at($from), Build::calendar('Europe/Dublin')))->toBe(
        Build::at($expected),
    );
})->with([
    // On 29 March 2026 clocks go forward, on 25 October back.
    'a day over spring' => ['+1 days', '2026-03-28T09:30:15Z', '2026-03-29T08:30:15Z'],
    '24 hours over spring' => ['+24 hours', '2026-03-28T09:30:00Z', '2026-03-29T09:30:00Z'],
    'a day back over autumn' => ['-1 days', '2026-10-25T09:30:00Z', '2026-10-24T08:30:00Z'],
    'a month over spring' => ['-1 months', '2026-04-15T08:00:00Z', '2026-03-15T09:00:00Z'],
    'minutes' => ['-90 minutes', '2026-03-29T01:30:00Z', '2026-03-29T00:00:00Z'],
    'to a reading that is skipped' => ['+1 days', '2026-03-28T01:30:00Z', '2026-03-29T01:30:00Z'],
    'a working day' => ['+1 working_days', '2026-03-27T09:00:00Z', '2026-03-30T08:00:00Z'],
]);

it('refuses what is no distance', function (string $text): void {
    expect(static fn(): Offset => Offset::parse($text))->toThrow(InvalidArgumentException::class);
})->with(['20 days', '+20 fortnights', '+20days', '+10000 days', '-10000 days', '+99999 days', '']);

it('is a time of day', function (): void {
    expect(TimeOfDay::parse('09:05')->minute)->toBe(545);
    expect(TimeOfDay::parse('00:00')->format())->toBe('00:00');
    expect(TimeOfDay::parse('23:59')->format())->toBe('23:59');
    expect(static fn(): TimeOfDay => TimeOfDay::parse('9:05'))->toThrow(InvalidArgumentException::class);
});

it('finds the weeks and months of a date', function (string $date, array $expected): void {
    $day = LocalDate::parse($date);
    expect([$day->startOfWeek()->format(), $day->startOfMonth()->format(), $day->endOfMonth()->format()])->toBe(
        $expected,
    );
})->with([
    ['2026-03-01', ['2026-02-23', '2026-03-01', '2026-03-31']],
    ['2026-02-28', ['2026-02-23', '2026-02-01', '2026-02-28']],
    ['2024-02-29', ['2024-02-26', '2024-02-01', '2024-02-29']],
    ['2026-12-31', ['2026-12-28', '2026-12-01', '2026-12-31']],
]);

it('ends work on a day, or on the one before that is worked', function (string $date, string $expected): void {
    expect((new WorkingTime(Build::calendar('Europe/Dublin')))->endOnOrBefore(LocalDate::parse($date)))->toBe(
        Build::at($expected),
    );
})->with([
    ['2026-03-10', '2026-03-10T17:00:00Z'],
    ['2026-03-15', '2026-03-13T17:00:00Z'],
    ['2026-07-04', '2026-07-03T16:00:00Z'],
]);

/** @return list<string> the next moments, as local readings */
function moments(
    string $rule,
    string $from,
    string $time,
    string $after,
    int $count = 4,
    string $zone = 'Europe/Dublin',
): array {
    $recurrence = new Recurrence($rule, LocalDate::parse($from), TimeOfDay::parse($time));
    $found = [];
    for ($at = Build::at($after); $count > 0 && $at !== null; --$count) {
        $at = $recurrence->next($at, new Zone($zone));
        $found[] = $at === null ? null : substr((new Zone($zone))->format($at), 0, 16);
    }

    return $found;
}

it('comes again as its rule says', function (string $rule, string $from, string $after, array $expected): void {
    expect(moments($rule, $from, '09:00', $after))->toBe($expected);
})->with([
    'weekly' => [
        'FREQ=WEEKLY;BYDAY=MO,TH',
        '2026-03-02',
        '2026-03-02T12:00:00Z',
        ['2026-03-05T09:00', '2026-03-09T09:00', '2026-03-12T09:00', '2026-03-16T09:00'],
    ],
    'weekly, from a day that it does not name' => [
        'FREQ=WEEKLY;BYDAY=MO',
        '2026-03-04',
        '2026-03-01T12:00:00Z',
        ['2026-03-09T09:00', '2026-03-16T09:00', '2026-03-23T09:00', '2026-03-30T09:00'],
    ],
    'over the change of the clocks' => [
        'FREQ=DAILY',
        '2026-03-02',
        '2026-03-27T12:00:00Z',
        ['2026-03-28T09:00', '2026-03-29T09:00', '2026-03-30T09:00', '2026-03-31T09:00'],
    ],
    'the last day of months' => [
        'FREQ=MONTHLY;BYMONTHDAY=-1',
        '2026-01-01',
        '2026-01-15T12:00:00Z',
        ['2026-01-31T09:00', '2026-02-28T09:00', '2026-03-31T09:00', '2026-04-30T09:00'],
    ],
    'the second Tuesday' => [
        'FREQ=MONTHLY;BYDAY=2TU',
        '2026-03-10',
        '2026-03-01T12:00:00Z',
        ['2026-03-10T09:00', '2026-04-14T09:00', '2026-05-12T09:00', '2026-06-09T09:00'],
    ],
    'the first, from a day that is not' => [
        'FREQ=MONTHLY;BYDAY=1MO',
        '2026-03-10',
        '2026-03-01T12:00:00Z',
        ['2026-04-06T09:00', '2026-05-04T09:00', '2026-06-01T09:00', '2026-07-06T09:00'],
    ],
    'the last working day' => [
        'FREQ=MONTHLY;BYDAY=MO,TU,WE,TH,FR;BYSETPOS=-1',
        '2026-03-10',
        '2026-03-01T12:00:00Z',
        ['2026-03-31T09:00', '2026-04-30T09:00', '2026-05-29T09:00', '2026-06-30T09:00'],
    ],
    'the third working day' => [
        'FREQ=MONTHLY;BYDAY=MO,TU,WE,TH,FR;BYSETPOS=3',
        '2026-03-04',
        '2026-03-01T12:00:00Z',
        ['2026-03-04T09:00', '2026-04-03T09:00', '2026-05-05T09:00', '2026-06-03T09:00'],
    ],
    'the last Friday' => [
        'FREQ=MONTHLY;BYDAY=-1FR',
        '2026-03-27',
        '2026-03-01T12:00:00Z',
        ['2026-03-27T09:00', '2026-04-24T09:00', '2026-05-29T09:00', '2026-06-26T09:00'],
    ],
    'every other week' => [
        'FREQ=WEEKLY;INTERVAL=2;BYDAY=FR',
        '2026-03-06',
        '2026-03-01T12:00:00Z',
        ['2026-03-06T09:00', '2026-03-20T09:00', '2026-04-03T09:00', '2026-04-17T09:00'],
    ],
    'yearly' => [
        'FREQ=YEARLY;BYMONTH=6;BYMONTHDAY=10',
        '2026-03-10',
        '2026-03-01T12:00:00Z',
        ['2026-06-10T09:00', '2027-06-10T09:00', '2028-06-10T09:00', '2029-06-10T09:00'],
    ],
]);

it('refuses rules that are none, or come too often', function (string $rule): void {
    expect(
        static fn(): Recurrence => new Recurrence($rule, LocalDate::parse('2026-03-02'), TimeOfDay::parse('09:00')),
    )->toThrow(InvalidArgumentException::class);
})->with([
    '',
    'WEEKLY',
    'FREQ=HOURLY',
    'FREQ=SECONDLY',
    'FREQ=WEEKLY;BYDAY=XX',
    'FREQ=DAILY;COUNT=3',
    'FREQ=DAILY;UNTIL=20260401',
    'FREQ=DAILY;INTERVAL=0',
    'FREQ=DAILY;BYHOUR=1,2,3',
    'FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30',
    'FREQ=MONTHLY;BYMONTHDAY=31',
    'FREQ=MONTHLY;BYDAY=5MO',
    'FREQ=MONTHLY;BYMONTHDAY=1;BYSETPOS=2',
    'FREQ=YEARLY',
]);

it('follows a date by hours without a time of day', function (): void {
    expect(
        static fn(): Follow => new Follow('task.needed', Offset::parse('-2 hours'), TimeOfDay::parse('09:00')),
    )->toThrow(Refusal::class, 'A time of day goes with days');
    expect((new Follow('task.needed', Offset::parse('-2 days'), TimeOfDay::parse('09:00')))->path)->toBe('task.needed');
});
