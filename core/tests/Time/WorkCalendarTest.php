<?php

declare(strict_types=1);

use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Time\DateException;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\MinuteRange;
use OpenBaton\Core\Time\Span;
use OpenBaton\Core\Time\WeeklyPattern;
use OpenBaton\Core\Time\WorkCalendar;
use OpenBaton\Core\Time\Zone;

/** @return list<string> each span as "from/to" in UTC */
function spansOn(WorkCalendar $calendar, string $date): array
{
    return array_map(
        static fn(Span $span): string => gmdate('d H:i', $span->from) . '/' . gmdate('d H:i', $span->to),
        $calendar->spansOf(LocalDate::parse($date)),
    );
}

it('gives the hours of the weekday in the zone of the calendar', function (): void {
    // Helsinki is two hours ahead in winter, three in summer.
    expect(spansOn(Build::calendar('Europe/Helsinki'), '2026-03-02'))->toBe(['02 07:00/02 15:00']);
    expect(spansOn(Build::calendar('Europe/Helsinki'), '2026-06-01'))->toBe(['01 06:00/01 14:00']);
    expect(spansOn(Build::calendar('America/Halifax'), '2026-03-02'))->toBe(['02 13:00/02 21:00']);
    expect(spansOn(Build::calendar(), '2026-03-01'))->toBe([]);
});

it('keeps a night shift that loses an hour in spring to seven hours', function (): void {
    // In Dublin the clocks go from 01:00 to 02:00 on 29 March 2026.
    $calendar = Build::calendar('Europe/Dublin', '22:00-06:00', [6]);
    expect(spansOn($calendar, '2026-03-28'))->toBe(['28 22:00/29 05:00']);
});

it('lets a night shift that gains an hour in autumn last nine hours', function (): void {
    // In Dublin the clocks go from 02:00 back to 01:00 on 25 October 2026.
    $calendar = Build::calendar('Europe/Dublin', '22:00-06:00', [6]);
    expect(spansOn($calendar, '2026-10-24'))->toBe(['24 21:00/25 06:00']);
});

it('reads a skipped clock time as later and a repeated one as its first coming', function (): void {
    $dublin = new Zone('Europe/Dublin');
    // 01:30 on 29 March is skipped: it stands for 02:30 summer time, 01:30 UTC.
    expect(gmdate('H:i', $dublin->instant(LocalDate::parse('2026-03-29'), 90)))->toBe('01:30');

    // 01:30 on 25 October comes at 00:30 UTC and again at 01:30 UTC.
    expect(gmdate('H:i', $dublin->instant(LocalDate::parse('2026-10-25'), 90)))->toBe('00:30');
    expect(gmdate('H:i', $dublin->instant(LocalDate::parse('2026-10-25'), 150)))->toBe('02:30');
});

it('drops the hours of a holiday and keeps those added to it', function (): void {
    $calendar = new WorkCalendar(
        new Zone('UTC'),
        [new WeeklyPattern(LocalDate::parse('2020-01-01'), [2 => [MinuteRange::parse('09:00-17:00')]])],
        [new DateException(LocalDate::parse('2026-03-17'), [MinuteRange::parse('10:00-12:00')], [])],
        [LocalDate::parse('2026-03-17')],
    );
    expect(spansOn($calendar, '2026-03-17'))->toBe(['17 10:00/17 12:00']);
    expect(spansOn($calendar, '2026-03-24'))->toBe(['24 09:00/24 17:00']);
});

it('takes removed hours out and joins added hours that touch', function (): void {
    $calendar = new WorkCalendar(
        new Zone('UTC'),
        [
            new WeeklyPattern(LocalDate::parse('2020-01-01'), [
                1 => [MinuteRange::parse('09:00-13:00'), MinuteRange::parse('14:00-17:00')],
            ]),
        ],
        [
            new DateException(
                LocalDate::parse('2026-03-02'),
                [MinuteRange::parse('17:00-18:00')],
                [MinuteRange::parse('10:00-11:00')],
            ),
        ],
    );
    expect(spansOn($calendar, '2026-03-02'))->toBe(['02 09:00/02 10:00', '02 11:00/02 13:00', '02 14:00/02 18:00']);
});

it('changes to a later pattern on its date', function (): void {
    $calendar = new WorkCalendar(new Zone('UTC'), [
        new WeeklyPattern(LocalDate::parse('2026-03-09'), [1 => [MinuteRange::parse('08:00-12:00')]]),
        new WeeklyPattern(LocalDate::parse('2026-01-01'), [1 => [MinuteRange::parse('09:00-17:00')]]),
    ]);
    expect(spansOn($calendar, '2026-03-02'))->toBe(['02 09:00/02 17:00']);
    expect(spansOn($calendar, '2026-03-09'))->toBe(['09 08:00/09 12:00']);
    expect(spansOn($calendar, '2025-12-29'))->toBe([]);
});

it('refuses what is no range of hours, no date and no zone', function (Closure $make): void {
    expect($make)->toThrow(InvalidArgumentException::class);
})->with([
    'hour 25' => [fn() => MinuteRange::parse('09:00-25:00')],
    'without minutes' => [fn() => MinuteRange::parse('9-17')],
    '30 February' => [fn() => LocalDate::parse('2026-02-30')],
    'no such zone' => [fn() => new Zone('Europe/Nowhere')],
    'an abbreviation' => [fn() => new Zone('CEST')],
    'backwards' => [fn() => new Span(5, 5)],
    'weekday 8' => [fn() => new WeeklyPattern(LocalDate::parse('2026-01-01'), [8 => []])],
]);

it('counts weekdays and days as the calendar does', function (): void {
    expect(LocalDate::parse('2026-11-25')->weekday())->toBe(3);
    expect(LocalDate::parse('1969-12-31')->weekday())->toBe(3);
    expect(LocalDate::parse('2028-02-28')->plus(1)->format())->toBe('2028-02-29');
    expect(MinuteRange::parse('22:00-06:00')->format())->toBe('22:00-06:00');
    expect(MinuteRange::parse('00:00-24:00')->format())->toBe('00:00-24:00');
});
