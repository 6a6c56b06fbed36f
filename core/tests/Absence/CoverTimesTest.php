<?php

declare(strict_types=1);

use OpenBaton\Core\Absence\Absence;
use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\Absence\HeldWork;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\CoverStory;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\Span;
use OpenBaton\Core\Time\WorkCalendar;
use OpenBaton\Core\Time\Zone;
use OpenBaton\Core\Workload\PersonWork;

/** The last moment at which a task may be due to pass, found from outside: the one a second later stays. */
function passesUntil(WorkCalendar $hours, Absence $absence): string
{
    $held = HeldWork::of(
        $absence,
        new Roster(Build::calendar(), [Build::person('callum', hours: $hours)], absences: [$absence]),
        new PersonWork(),
        $absence->span->from,
    );
    $passes = static fn(int $due): bool => $held
        ->reason(CoverStory::task('t', null)->dueAt($due), SeatName::Holder)
        ->passes();
    [$low, $high] = [$absence->span->from, $absence->span->to + 14 * 86_400];
    while ($high - $low > 1) {
        $middle = intdiv($low + $high, 2);
        $passes($middle) ? ($low = $middle) : ($high = $middle);
    }

    return gmdate('Y-m-d H:i:s', $low);
}

function days(string $first, string $last, string $zone): Absence
{
    return new Absence(
        'away',
        'callum',
        Absence::wholeDays(LocalDate::parse($first), LocalDate::parse($last), new Zone($zone)),
        AbsenceStatus::Approved,
    );
}

it('counts whole days and the first day back in the zone of the person', function (
    string $zone,
    string $from,
    string $to,
    string $until,
): void {
    $absence = days('2026-03-09', '2026-03-13', $zone);
    expect([
        gmdate('Y-m-d H:i', $absence->span->from),
        gmdate('Y-m-d H:i', $absence->span->to),
        passesUntil(Build::calendar($zone), $absence),
    ])->toBe([$from, $to, $until]);
})->with([
    // Monday 16 March, 17:00 there.
    'Port Selwyn' => ['Europe/Dublin', '2026-03-09 00:00', '2026-03-14 00:00', '2026-03-16 17:00:00'],
    'before the date line' => ['Pacific/Kiritimati', '2026-03-08 10:00', '2026-03-13 10:00', '2026-03-16 03:00:00'],
    'behind the date line' => ['Pacific/Pago_Pago', '2026-03-09 11:00', '2026-03-14 11:00', '2026-03-17 04:00:00'],
]);

it('keeps midnights and hours of work where clocks change', function (
    string $first,
    string $last,
    string $from,
    string $to,
    string $until,
): void {
    $absence = days($first, $last, 'Europe/Dublin');
    expect([
        gmdate('Y-m-d H:i', $absence->span->from),
        gmdate('Y-m-d H:i', $absence->span->to),
        passesUntil(Build::calendar('Europe/Dublin'), $absence),
    ])->toBe([$from, $to, $until]);
})->with([
    // Clocks go forward on Sunday 29 March 2026: the absence is an hour shorter, and 17:00 on Monday is 16:00 UTC.
    'in spring' => ['2026-03-27', '2026-03-29', '2026-03-27 00:00', '2026-03-29 23:00', '2026-03-30 16:00:00'],
    // They go back on Sunday 25 October 2026: it is an hour longer.
    'in autumn' => ['2026-10-23', '2026-10-25', '2026-10-22 23:00', '2026-10-26 00:00', '2026-10-26 17:00:00'],
]);

it('takes the rest of a day for the first day back where somebody is away for hours', function (
    string $from,
    string $to,
    string $until,
): void {
    $absence = new Absence('away', 'callum', new Span(Build::at($from), Build::at($to)), AbsenceStatus::Approved);
    expect(passesUntil(Build::calendar(), $absence))->toBe($until);
})->with([
    'in the morning' => ['2026-03-10 09:00', '2026-03-10 13:00', '2026-03-10 17:00:00'],
    'in the afternoon' => ['2026-03-10 13:00', '2026-03-10 17:00', '2026-03-11 17:00:00'],
    'until past the weekend' => ['2026-03-13 13:00', '2026-03-16 09:00', '2026-03-16 17:00:00'],
]);

it('takes a shift over midnight as the day on which it began', function (): void {
    $nights = Build::calendar('UTC', '22:00-06:00');
    // Away on the night from Monday to Tuesday until 02:00: four hours of that shift are left, and those end at 06:00.
    $absence = new Absence(
        'away',
        'callum',
        new Span(Build::at('2026-03-09 20:00'), Build::at('2026-03-10 02:00')),
        AbsenceStatus::Approved,
    );
    expect(passesUntil($nights, $absence))->toBe('2026-03-10 06:00:00');
});

it('passes what falls into the absence where whoever goes never works again', function (): void {
    $never = new WorkCalendar(new Zone('UTC'), [], []);
    expect(passesUntil($never, days('2026-03-09', '2026-03-13', 'UTC')))->toBe('2026-03-14 00:00:00');
});
