<?php

declare(strict_types=1);

use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\MinuteRange;
use OpenBaton\Core\Time\Span;
use OpenBaton\Core\Time\WeeklyPattern;
use OpenBaton\Core\Time\WorkCalendar;
use OpenBaton\Core\Time\WorkingSpan;
use OpenBaton\Core\Time\WorkingTime;
use OpenBaton\Core\Time\Zone;

it('counts days as the calendar does, in every century', function (string $text, int $day, int $weekday): void {
    $date = LocalDate::parse($text);
    expect($date->day)->toBe($day);
    expect($date->format())->toBe($text);
    expect($date->weekday())->toBe($weekday);
})->with([
    ['1970-01-01', 0, 4],
    ['1969-12-31', -1, 3],
    ['2000-02-29', 11_016, 2],
    ['2000-03-01', 11_017, 3],
    ['2026-03-02', 20_514, 1],
    ['1900-03-01', -25_508, 4],
    ['2100-02-28', 47_540, 7],
    ['0050-01-01', -701_265, 6],
    ['9999-12-31', 2_932_896, 5],
]);

it('refuses what is no date', function (string $text): void {
    expect(static fn(): LocalDate => LocalDate::parse($text))->toThrow(InvalidArgumentException::class, 'YYYY-MM-DD');
})->with([
    '2026-02-29',
    '2100-02-29',
    '0000-01-01',
    '2026-13-01',
    '2026-00-10',
    '2026-1-1',
    '26-01-01',
    '2026-01-01 ',
    "2026-01-01\n",
    '',
]);

it('reads lengths of working time and writes them', function (
    string $text,
    ?int $minutes,
    ?int $days,
    string $written,
): void {
    $span = WorkingSpan::parse($text);
    expect([$span->minutes, $span->days])->toBe([$minutes, $days]);
    expect($span->format())->toBe($written);
})->with([
    ['P0D', null, 0, 'P0D'],
    ['P260D', null, 260, 'P260D'],
    ['PT1M', 1, null, 'PT1M'],
    ['PT60M', 60, null, 'PT1H'],
    ['PT1H1M', 61, null, 'PT1H1M'],
    ['PT4H30M', 270, null, 'PT4H30M'],
    ['PT2000H', 120_000, null, 'PT2000H'],
]);

it('refuses other lengths of working time', function (string $text): void {
    expect(static fn(): WorkingSpan => WorkingSpan::parse($text))->toThrow(InvalidArgumentException::class);
    expect(preg_match('/' . WorkingSpan::PATTERN . '/D', $text) === 1)->toBe(
        in_array($text, ['P261D', 'PT0M', 'PT0H', 'PT2000H1M'], true),
    );
})->with([
    'P261D',
    'P-1D',
    'PT0M',
    'PT0H',
    'PT',
    'P',
    'PT2000H1M',
    'P1W',
    'PT1S',
    'P1DT1H',
    '3',
    '',
    "P3D\n",
    'PT1M1H',
]);

it('is after so many minutes, or at the end of work on a day', function (
    string $span,
    string $from,
    string $expected,
): void {
    expect(WorkingSpan::parse($span)->after(Build::at($from), new WorkingTime(Build::calendar())))->toBe(
        Build::at($expected),
    );
})->with([
    ['PT8H', '2026-03-02 09:00', '2026-03-02 17:00'],
    ['PT8H1M', '2026-03-02 09:00', '2026-03-03 09:01'],
    ['P0D', '2026-03-02 09:00', '2026-03-02 17:00'],
    ['P0D', '2026-03-02 17:00', '2026-03-03 17:00'],
    ['P1D', '2026-03-02 16:59', '2026-03-03 17:00'],
    ['P1D', '2026-03-06 12:00', '2026-03-09 17:00'],
    ['P5D', '2026-03-02 09:00', '2026-03-09 17:00'],
]);

it('reads zones by their name in the database of zones', function (string $name): void {
    expect((new Zone($name))->name)->toBe($name);
})->with([
    'UTC',
    'Europe/Dublin',
    'America/Argentina/Ushuaia',
    'GMT',
    'EST5EDT',
    'Etc/GMT+5',
    'Pacific/Kiritimati',
    'Asia/Kolkata',
]);

it('has the date of its own clocks', function (string $zone, string $at, string $date): void {
    expect((new Zone($zone))->dateAt(Build::at($at))->format())->toBe($date);
})->with([
    ['Pacific/Kiritimati', '2026-03-02T09:59:59Z', '2026-03-02'],
    ['Pacific/Kiritimati', '2026-03-02T10:00:00Z', '2026-03-03'],
    ['America/Halifax', '2026-03-02T03:59:59Z', '2026-03-01'],
    ['America/Halifax', '2026-03-02T04:00:00Z', '2026-03-02'],
    ['Europe/Dublin', '2026-06-30T23:00:00Z', '2026-07-01'],
    ['UTC', '1969-12-31T23:59:59Z', '1969-12-31'],
]);

it('refuses what is no zone there', function (string $name): void {
    expect(static fn(): Zone => new Zone($name))->toThrow(InvalidArgumentException::class);
})->with(['CEST', 'europe/dublin', '+02:00', 'Europe', '', 'Mars/Olympus', 'Europe/Dublin ']);

it('refuses two patterns from one date', function (): void {
    $pattern = static fn(string $from): WeeklyPattern => new WeeklyPattern(LocalDate::parse($from), []);
    expect(
        static fn(): WorkCalendar => new WorkCalendar(new Zone('UTC'), [
            $pattern('2026-01-01'),
            $pattern('2026-02-01'),
            $pattern('2026-01-01'),
        ]),
    )->toThrow(InvalidArgumentException::class, '2026-01-01');
});

it('keeps ranges of hours within a day and a night', function (string $text, ?array $minutes): void {
    if ($minutes === null) {
        expect(static fn(): MinuteRange => MinuteRange::parse($text))->toThrow(InvalidArgumentException::class);
    } else {
        $range = MinuteRange::parse($text);
        expect([$range->start, $range->end])->toBe($minutes);
        expect($range->format())->toBe($text);
    }
})->with([
    ['00:00-00:01', [0, 1]],
    ['09:00-17:30', [540, 1050]],
    ['00:00-24:00', [0, 1440]],
    ['23:59-24:00', [1439, 1440]],
    ['22:00-06:00', [1320, 1800]],
    ['23:00-00:01', [1380, 1441]],
    ['09:00-09:00', [540, 1980]],
    ['24:00-09:00', null],
    ['09:60-10:00', null],
    ['9:00-10:00', null],
    ['09:00 - 10:00', null],
    ['09:00-24:01', null],
]);

it('refuses ranges that are none', function (int $start, int $end): void {
    expect(static fn(): MinuteRange => new MinuteRange($start, $end))->toThrow(InvalidArgumentException::class);
})->with([[-1, 5], [1440, 1441], [5, 5], [5, 4], [5, 1446]]);

it('joins, cuts and subtracts spans, half open as they are', function (): void {
    $pairs = static fn(array $spans): array => array_map(
        static fn(Span $span): array => [$span->from, $span->to],
        $spans,
    );
    $span = new Span(10, 20);
    expect(
        $pairs(Span::union([new Span(30, 40), new Span(10, 20), new Span(20, 25), new Span(12, 14), new Span(39, 45)])),
    )->toBe([[10, 25], [30, 45]]);
    expect(
        $pairs(Span::subtract([$span, new Span(30, 40)], [new Span(12, 14), new Span(18, 31), new Span(40, 50)])),
    )->toBe([[10, 12], [14, 18], [31, 40]]);
    expect($pairs(Span::subtract([$span], [new Span(0, 10), new Span(20, 30)])))->toBe([[10, 20]]);
    expect($pairs(Span::subtract([$span], [new Span(10, 20)])))->toBe([]);
    expect([$span->contains(9), $span->contains(10), $span->contains(19), $span->contains(20)])->toBe([
        false,
        true,
        true,
        false,
    ]);
    expect($span->within(20, 30))->toBeNull();
    expect($span->within(0, 10))->toBeNull();
    expect([$span->within(15, 99)?->from, $span->within(15, 99)?->to])->toBe([15, 20]);
    expect([$span->within(0, 11)?->from, $span->within(0, 11)?->to])->toBe([10, 11]);
    expect($span->seconds())->toBe(10);
});

it('begins months, in the last years, too', function (): void {
    expect(LocalDate::parse('2999-12-31')->startOfMonth()->format())->toBe('2999-12-01');
    expect(LocalDate::parse('2999-12-01')->startOfMonth()->format())->toBe('2999-12-01');
});
