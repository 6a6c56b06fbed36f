<?php

declare(strict_types=1);

use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Time\HoursLessBlocks;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\NoWorkingTime;
use OpenBaton\Core\Time\Span;
use OpenBaton\Core\Time\WorkingTime;

// 2 March 2026 is a Monday; the calendar is 09:00 to 17:00 UTC, Monday to Friday.

it('counts working minutes', function (string $from, string $to, int $minutes): void {
    expect((new WorkingTime(Build::calendar()))->minutesBetween(Build::at($from), Build::at($to)))->toBe($minutes);
})->with([
    'within a day' => ['2026-03-02 10:00', '2026-03-02 12:30', 150],
    'over a night' => ['2026-03-02 16:00', '2026-03-03 10:00', 120],
    'over a weekend' => ['2026-03-06 16:30', '2026-03-09 09:30', 60],
    'a whole week' => ['2026-03-02 00:00', '2026-03-09 00:00', 2400],
    'outside of hours' => ['2026-03-02 18:00', '2026-03-03 08:00', 0],
    'backwards' => ['2026-03-03 12:00', '2026-03-02 12:00', 0],
]);

it('counts real minutes of a night shift on both changes of the clocks', function (): void {
    $nights = new WorkingTime(Build::calendar('Europe/Dublin', '22:00-06:00', [6]));
    expect($nights->minutesBetween(Build::at('2026-03-28 12:00'), Build::at('2026-03-29 12:00')))->toBe(420);
    expect($nights->minutesBetween(Build::at('2026-10-24 12:00'), Build::at('2026-10-25 12:00')))->toBe(540);

    // Six hours into the long night it is 03:00 UTC, which is 03:00 winter time.
    expect($nights->add(Build::at('2026-10-24 12:00'), 360))->toBe(Build::at('2026-10-25 03:00'));

    // Six hours into the short night it is 04:00 UTC, which is 05:00 summer time.
    expect($nights->add(Build::at('2026-03-28 12:00'), 360))->toBe(Build::at('2026-03-29 04:00'));
});

it('adds working minutes', function (string $from, int $minutes, string $expected): void {
    $found = (new WorkingTime(Build::calendar()))->add(Build::at($from), $minutes);
    expect(gmdate('Y-m-d H:i', $found))->toBe($expected);
})->with([
    'within the day' => ['2026-03-02 10:00', 60, '2026-03-02 11:00'],
    'to the very end of the day' => ['2026-03-02 16:00', 60, '2026-03-02 17:00'],
    'into the next day' => ['2026-03-02 16:00', 61, '2026-03-03 09:01'],
    'from the evening' => ['2026-03-02 20:00', 240, '2026-03-03 13:00'],
    'over the weekend' => ['2026-03-06 15:00', 240, '2026-03-09 11:00'],
    'nothing' => ['2026-03-07 15:00', 0, '2026-03-07 15:00'],
]);

it('finds the end of a working day', function (string $from, int $days, string $expected): void {
    $found = (new WorkingTime(Build::calendar('UTC', '09:00-17:00', [1, 2, 3, 4, 5], '2026-03-17')))->endOfDay(
        Build::at($from),
        $days,
    );
    expect(gmdate('Y-m-d H:i', $found))->toBe($expected);
})->with([
    'today' => ['2026-03-02 10:00', 0, '2026-03-02 17:00'],
    'today when it is over' => ['2026-03-02 17:00', 0, '2026-03-03 17:00'],
    'tomorrow' => ['2026-03-02 10:00', 1, '2026-03-03 17:00'],
    'in three days' => ['2026-03-02 10:00', 3, '2026-03-05 17:00'],
    'over the weekend' => ['2026-03-05 10:00', 2, '2026-03-09 17:00'],
    'past a holiday' => ['2026-03-16 10:00', 1, '2026-03-18 17:00'],
    'from a Sunday' => ['2026-03-08 10:00', 1, '2026-03-09 17:00'],
]);

it('leaves absences out', function (): void {
    $away = new Span(Build::at('2026-03-03 00:00'), Build::at('2026-03-04 12:00'));
    $time = new WorkingTime(new HoursLessBlocks(Build::calendar(), [$away]));
    // Monday 16:00: one hour on Monday, one on Wednesday from 12:00.
    expect(gmdate('Y-m-d H:i', $time->add(Build::at('2026-03-02 16:00'), 120)))->toBe('2026-03-04 13:00');
    expect($time->minutesBetween(Build::at('2026-03-02 00:00'), Build::at('2026-03-05 00:00')))->toBe(480 + 300);
    expect($time->isWorking(Build::at('2026-03-03 10:00')))->toBeFalse();
    expect($time->isWorking(Build::at('2026-03-04 12:00')))->toBeTrue();
});

it('agrees with itself: what it adds is what it counts', function (): void {
    $time = new WorkingTime(Build::calendar('Europe/Dublin', '22:00-06:00', [1, 3, 6, 7]));
    mt_srand(7);
    for ($round = 0; $round < 400; ++$round) {
        $from = Build::at('2026-03-20') + mt_rand(0, (86400 * 240) / 60) * 60;
        $minutes = mt_rand(1, 3000);
        expect($time->minutesBetween($from, $time->add($from, $minutes)))->toBe($minutes);
    }
});

it('says so when there is no working time to come', function (): void {
    (new WorkingTime(Build::calendar('UTC', '09:00-17:00', [])))->add(Build::at('2026-03-02'), 1);
})->throws(NoWorkingTime::class);

it('knows the days of some on which there is work, and of today whether some of it is left', function (
    string $from,
    int $days,
    string $after,
    array $open,
): void {
    $found = (new WorkingTime(Build::calendar('UTC', '09:00-17:00', [1, 2, 3, 4, 5], '2026-03-05')))->openDays(
        LocalDate::parse($from),
        $days,
        Build::at($after),
    );
    expect(array_map(static fn(LocalDate $one): string => $one->format(), $found))->toBe($open);
})->with([
    'a holiday and a weekend' => ['2026-03-04', 6, '2026-03-04 12:00', ['2026-03-04', '2026-03-06', '2026-03-09']],
    'when the day is over' => ['2026-03-04', 3, '2026-03-04 17:00', ['2026-03-06']],
    'none' => ['2026-03-07', 2, '2026-03-06 12:00', []],
]);
