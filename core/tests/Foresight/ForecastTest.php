<?php

declare(strict_types=1);

use OpenBaton\Core\Figures\Rank;
use OpenBaton\Core\Foresight\Ahead;
use OpenBaton\Core\Foresight\Arrival;
use OpenBaton\Core\Foresight\Forecast;
use OpenBaton\Core\Foresight\ForecastDay;
use OpenBaton\Core\Foresight\Inflow;
use OpenBaton\Core\Time\LocalDate;

/** @return list<LocalDate> Monday to Friday of so many weeks before Monday, 2 March 2026, but for some */
function openDays(int $weeks, string ...$closed): array
{
    $days = [];
    for (
        $date = LocalDate::parse('2026-03-02')->plus(-7 * $weeks);
        $date->format() < '2026-03-02';
        $date = $date->plus(1)
    ) {
        if ($date->weekday() <= 5 && !in_array($date->format(), $closed, true)) {
            $days[] = $date;
        }
    }

    return $days;
}

/** @param array<string, int> $byDay minutes */
function inflow(array $open, array $byDay, int $lag = 0): Inflow
{
    return new Inflow(
        $open,
        array_map(
            static fn(string $day, int $minutes): Arrival => new Arrival(LocalDate::parse($day)->day, $minutes, $lag),
            array_keys($byDay),
            $byDay,
        ),
    );
}

/** @return array<string, int> the same on each open day */
function daily(array $open, int $minutes): array
{
    return array_fill_keys(array_map(static fn(LocalDate $one): string => $one->format(), $open), $minutes);
}

/** @param array<string, array{int, int}> $days capacity and known work */
function ahead(array $days): array
{
    return array_map(
        static fn(string $day, array $figures): Ahead => new Ahead(LocalDate::parse($day), $figures[0], 0, $figures[1]),
        array_keys($days),
        $days,
    );
}

/** @return list<array{int|null, int, int}> what usually comes in, what is left, and what may be */
function forecast(array $days, Inflow $inflow): array
{
    return array_map(
        static fn(ForecastDay $day): array => [$day->inflow, $day->backlog, $day->may],
        Forecast::of(ahead($days), $inflow)->days,
    );
}

it('takes percentiles by nearest rank', function (array $values, int $percent, ?int $is): void {
    expect(Rank::of($values, $percent))->toBe($is);
})->with([
    'nothing' => [[], 50, null],
    'one' => [[7], 90, 7],
    'the lower of two in the middle' => [[4, 1, 3, 2], 50, 2],
    'nine of ten' => [range(1, 10), 90, 9],
    'nine of eleven' => [range(1, 11), 90, 10],
    'all' => [[3, 1, 2], 100, 3],
]);

it('knows what usually comes in by weekday, days without any among them', function (): void {
    $open = openDays(5);
    // Of five Mondays: 0, 0, 60, 120, 180.
    $inflow = inflow($open, ['2026-02-09' => 60, '2026-02-16' => 120, '2026-02-23' => 180, '2026-02-24' => 90]);
    expect($inflow->usual(LocalDate::parse('2026-03-02'), 0))->toBe(60);
    expect($inflow->usual(LocalDate::parse('2026-03-03'), 1))->toBe(0);
});

it('says nothing of a weekday of which fewer than three are known', function (): void {
    $monday = LocalDate::parse('2026-03-02');
    $open = openDays(3);
    expect(inflow($open, daily($open, 60))->usual($monday, 0))->toBe(60);
    // A holiday is no day on which nothing came in.
    $open = openDays(3, '2026-02-16');
    expect(inflow($open, daily($open, 60))->usual($monday, 0))->toBeNull();
    expect(forecast(['2026-03-02' => [100, 130]], inflow($open, daily($open, 60))))->toBe([[null, 30, 90]]);
});

it('counts what comes in as due after its usual time, and what came on a closed day with the next', function (): void {
    $open = openDays(4);
    $inflow = inflow($open, daily($open, 60), 2);
    $usual = static fn(string $day, int $ahead): ?int => $inflow->usual(LocalDate::parse($day), $ahead);
    // What comes in on Monday is due on Wednesday.
    expect([$usual('2026-03-02', 0), $usual('2026-03-03', 1), $usual('2026-03-04', 2), $usual('2026-03-05', 3)])->toBe([
        0,
        0,
        60,
        60,
    ]);
    $sundays = inflow($open, ['2026-02-08' => 30, '2026-02-15' => 30, '2026-02-22' => 30]);
    expect($sundays->usual(LocalDate::parse('2026-03-02'), 0))->toBe(30);
});

it('carries on what is left undone, but no time in which there was nothing to do', function (): void {
    $open = openDays(8);
    $days = [
        '2026-03-02' => [300, 100],
        '2026-03-03' => [300, 350],
        '2026-03-04' => [300, 100],
        '2026-03-05' => [0, 0],
    ];
    // Sixty minutes come in each day.
    expect(forecast($days, inflow($open, daily($open, 60))))->toBe([
        [60, 0, 0],
        [60, 110, 110],
        [60, 0, 0],
        [60, 60, 60],
    ]);
});

it('tips over on the first day on which something is left, and may tip over sooner', function (): void {
    $open = openDays(8);
    // Of forty days each fourth brings 200, the others 20: by weekday the median is 20, nine of ten are up to 200.
    $came = [];
    foreach ($open as $place => $date) {
        $came[$date->format()] = $place % 4 === 3 ? 200 : 20;
    }
    $forecast = Forecast::of(
        ahead([
            '2026-03-02' => [100, 50],
            '2026-03-03' => [100, 60],
            '2026-03-04' => [100, 90],
            '2026-03-05' => [100, 95],
        ]),
        inflow($open, $came),
    );
    expect($forecast->tipsOver()?->ahead->date->format())->toBe('2026-03-04');
    expect($forecast->mayTipOver()?->ahead->date->format())->toBe('2026-03-02');
    expect([$forecast->days[0]->may, $forecast->days[2]->backlog, $forecast->worst()])->toBe([150, 10, 25]);
    // Two days of which one brings 200: 220 - 200 + 110 = 130, or the second alone: 200 - 100 + 60 = 160.
    expect($forecast->days[1]->may)->toBe(160);
    expect($forecast->since($forecast->days[3])->format())->toBe('2026-03-04');
});

it('keeps calm where all can be done', function (): void {
    $open = openDays(8);
    $forecast = Forecast::of(ahead(['2026-03-02' => [480, 100]]), inflow($open, daily($open, 60)));
    expect([$forecast->tipsOver(), $forecast->mayTipOver(), $forecast->worst()])->toBe([null, null, 0]);
});
