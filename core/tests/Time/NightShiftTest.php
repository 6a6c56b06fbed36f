<?php

declare(strict_types=1);

use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Time\DateException;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\MinuteRange;
use OpenBaton\Core\Time\Span;
use OpenBaton\Core\Time\WeeklyPattern;
use OpenBaton\Core\Time\WorkCalendar;
use OpenBaton\Core\Time\WorkingHours;
use OpenBaton\Core\Time\WorkingTime;
use OpenBaton\Core\Time\Zone;

/**
 * @param array<int, list<string>>               $shifts     by weekday
 * @param array<string, array{list<string>, list<string>}> $exceptions added and removed hours by date
 */
function shiftsOf(array $shifts, array $exceptions = [], string ...$holidays): WorkCalendar
{
    $ranges = static fn(array $texts): array => array_map(MinuteRange::parse(...), $texts);
    $list = [];
    foreach ($exceptions as $date => [$add, $remove]) {
        $list[] = new DateException(LocalDate::parse($date), $ranges($add), $ranges($remove));
    }

    return new WorkCalendar(
        new Zone('UTC'),
        [new WeeklyPattern(LocalDate::parse('2020-01-01'), array_map($ranges, $shifts))],
        $list,
        array_map(LocalDate::parse(...), array_values($holidays)),
    );
}

/** @return list<string> each span of a date of March 2026 as "day hour/day hour" */
function hoursOn(WorkingHours $hours, int $day): array
{
    return array_map(
        static fn(Span $span): string => gmdate('d H:i', $span->from) . '/' . gmdate('d H:i', $span->to),
        $hours->spansOf(LocalDate::parse(sprintf('2026-03-%02d', $day))),
    );
}

// Monday is 2 March.
const NIGHTS = [
    1 => ['22:00-06:00'],
    2 => ['22:00-06:00'],
    3 => ['22:00-06:00'],
    4 => ['22:00-06:00'],
    5 => ['22:00-06:00'],
];

it('counts the overlap of shifts of two dates once, for the one that began first', function (): void {
    $calendar = shiftsOf([1 => ['22:00-06:00'], 2 => ['04:00-12:00']]);
    expect(hoursOn($calendar, 2))->toBe(['02 22:00/03 06:00']);
    expect(hoursOn($calendar, 3))->toBe(['03 06:00/03 12:00']);
    expect((new WorkingTime($calendar))->minutesBetween(Build::at('2026-03-02'), Build::at('2026-03-04')))->toBe(
        14 * 60,
    );
});

it('drops a shift that lies within that of the day before', function (): void {
    $calendar = shiftsOf([1 => ['12:00-12:00'], 2 => ['08:00-11:00', '11:00-13:00']]);
    expect(hoursOn($calendar, 2))->toBe(['02 12:00/03 12:00']);
    expect(hoursOn($calendar, 3))->toBe(['03 12:00/03 13:00']);
});

it('counts the overlap of shifts of one date once', function (): void {
    $calendar = shiftsOf([1 => ['12:00-15:00', '09:00-13:00', '14:00-14:30']]);
    expect(hoursOn($calendar, 2))->toBe(['02 09:00/02 15:00']);
    expect((new WorkingTime($calendar))->minutesBetween(Build::at('2026-03-02'), Build::at('2026-03-03')))->toBe(360);
});

it('removes clock time of its date, whichever date the shift began on', function (): void {
    $calendar = shiftsOf(NIGHTS, ['2026-03-03' => [[], ['00:00-02:00', '23:00-24:00']]]);
    expect(hoursOn($calendar, 2))->toBe(['02 22:00/03 00:00', '03 02:00/03 06:00']);
    expect(hoursOn($calendar, 3))->toBe(['03 22:00/03 23:00', '04 00:00/04 06:00']);
    expect(hoursOn($calendar, 4))->toBe(['04 22:00/05 06:00']);
});

it('removes over midnight, too', function (): void {
    $calendar = shiftsOf(NIGHTS, ['2026-03-02' => [[], ['23:00-01:00']]]);
    expect(hoursOn($calendar, 2))->toBe(['02 22:00/02 23:00', '03 01:00/03 06:00']);
});

it('removes of the next date what a removal over midnight reaches', function (): void {
    $calendar = shiftsOf([2 => ['00:00-06:00']], ['2026-03-02' => [[], ['23:00-01:00']]]);
    expect(hoursOn($calendar, 3))->toBe(['03 01:00/03 06:00']);
    expect(
        (new WorkingTime($calendar))->minutesBetween(
            Build::at('2026-03-03 01:00:00'),
            Build::at('2026-03-03 01:00:59'),
        ),
    )->toBe(0);
    expect(
        (new WorkingTime(Build::calendar()))->minutesBetween(
            Build::at('2026-03-03 09:00:00'),
            Build::at('2026-03-03 09:00:59'),
        ),
    )->toBe(0);
});

it('takes out of added hours only what a later date removes', function (): void {
    $calendar = shiftsOf(
        [],
        [
            '2026-03-02' => [['20:00-02:00'], ['19:00-21:00']],
            '2026-03-03' => [[], ['00:00-01:00']],
        ],
    );
    // What the same date removes, it removes before it adds.
    expect(hoursOn($calendar, 2))->toBe(['02 20:00/03 00:00', '03 01:00/03 02:00']);
    expect(hoursOn($calendar, 3))->toBe([]);
});

it('adds hours that a running night shift overlaps once', function (): void {
    $calendar = shiftsOf(NIGHTS, ['2026-03-03' => [['05:00-07:00'], []]]);
    expect(hoursOn($calendar, 3))->toBe(['03 06:00/03 07:00', '03 22:00/04 06:00']);
});

it('lets the shift before a holiday run on into it', function (): void {
    $calendar = shiftsOf(NIGHTS, [], '2026-03-03');
    expect(hoursOn($calendar, 2))->toBe(['02 22:00/03 06:00']);
    expect(hoursOn($calendar, 3))->toBe([]);
});

it('counts and adds working time over nights', function (): void {
    $time = new WorkingTime(shiftsOf(NIGHTS));
    expect($time->minutesBetween(Build::at('2026-03-02 20:00'), Build::at('2026-03-04 08:00')))->toBe(960);
    expect($time->minutesBetween(Build::at('2026-03-03 05:00'), Build::at('2026-03-03 22:01')))->toBe(61);
    expect(
        (new WorkingTime(shiftsOf([2 => ['00:00-06:00']])))->minutesBetween(
            Build::at('2026-03-02 12:00'),
            Build::at('2026-03-03 00:01'),
        ),
    )->toBe(1);
    expect($time->add(Build::at('2026-03-03 05:00'), 60))->toBe(Build::at('2026-03-03 06:00'));
    expect($time->add(Build::at('2026-03-03 05:00'), 61))->toBe(Build::at('2026-03-03 22:01'));
    expect($time->add(Build::at('2026-03-07 05:59'), 2))->toBe(Build::at('2026-03-09 22:01'));
    expect($time->endOfDay(Build::at('2026-03-02 12:00'), 0))->toBe(Build::at('2026-03-03 06:00'));
    expect($time->endOfDay(Build::at('2026-03-02 12:00'), 2))->toBe(Build::at('2026-03-05 06:00'));
});

it('knows whether somebody works, after midnight too', function (string $at, bool $expected): void {
    expect((new WorkingTime(shiftsOf(NIGHTS)))->isWorking(Build::at($at)))->toBe($expected);
})->with([
    ['2026-03-02 21:59:59', false],
    ['2026-03-02 22:00:00', true],
    ['2026-03-03 00:00:00', true],
    ['2026-03-03 05:59:59', true],
    ['2026-03-03 06:00:00', false],
    ['2026-03-07 05:00:00', true],
    ['2026-03-07 22:30:00', false],
    ['2026-03-02 05:00:00', false],
]);

it('leaves out both of two absences, one within a night shift and one over the next morning', function (): void {
    $roster = new Roster(
        Build::calendar(),
        [Build::person('ayumi', hours: shiftsOf(NIGHTS)), Build::person('femi', hours: shiftsOf(NIGHTS))],
        [],
        [],
        [
            Build::absence('ayumi', '2026-03-03 05:00', '2026-03-04 00:00'),
            Build::absence('ayumi', '2026-03-02 23:00', '2026-03-03 01:00'),
        ],
    );
    $presence = $roster->presenceOf('ayumi');
    expect(hoursOn($presence, 2))->toBe(['02 22:00/02 23:00', '03 01:00/03 05:00']);
    expect(hoursOn($presence, 3))->toBe(['04 00:00/04 06:00']);
    expect(hoursOn($presence, 4))->toBe(['04 22:00/05 06:00']);
    expect(hoursOn($roster->presenceOf('femi'), 2))->toBe(['02 22:00/03 06:00']);
    expect((new WorkingTime($presence))->minutesBetween(Build::at('2026-03-02'), Build::at('2026-03-05')))->toBe(
        5 * 60 + 6 * 60 + 2 * 60,
    );
    expect($roster->absenceOf('ayumi', Build::at('2026-03-02 23:30'))?->span->to)->toBe(Build::at('2026-03-03 01:00'));
    expect($roster->absenceOf('ayumi', Build::at('2026-03-03 03:00')))->toBeNull();
    expect($roster->absenceOf('ayumi', Build::at('2026-03-03 12:00'))?->span->to)->toBe(Build::at('2026-03-04 00:00'));
    expect($roster->absenceOf('femi', Build::at('2026-03-03 12:00')))->toBeNull();
});

it('knows of two absences at once the one that began first', function (): void {
    $find = static fn(array $absences): ?string => (new Roster(
        Build::calendar(),
        [Build::person('ayumi')],
        [],
        [],
        $absences,
    ))->absenceOf('ayumi', Build::at('2026-03-04 12:00'))?->id;
    $early = Build::absence('ayumi', '2026-03-02', '2026-03-05');
    $late = Build::absence('ayumi', '2026-03-04', '2026-03-06');
    $twin = Build::absence('ayumi', '2026-03-02 00:00:00', '2026-03-09');
    expect($find([$late, $early]))->toBe('ayumi-2026-03-02');
    expect($find([$early, $late]))->toBe('ayumi-2026-03-02');
    expect($find([$twin, $early]))->toBe('ayumi-2026-03-02');
    expect($find([$early, $twin]))->toBe('ayumi-2026-03-02');
});

it('knows all instants at which somebody\'s availability changes by itself', function (): void {
    $roster = new Roster(
        Build::calendar(),
        [
            Build::person('ayumi', memberFrom: 100, memberUntil: 200),
            Build::person('femi', pausedUntil: 300),
            Build::person('callum'),
        ],
        [],
        [],
        [Build::absence('callum', '1970-01-01 00:10', '1970-01-01 00:20')],
    );
    $moments = $roster->moments();
    sort($moments);
    expect($moments)->toBe([100, 200, 300, 600, 1200]);
});
