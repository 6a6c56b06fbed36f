<?php

declare(strict_types=1);

use OpenBaton\Core\Message\QuietHours;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Time\TimeOfDay;

/** Of somebody who works from nine to half past five in Dublin on workdays; 2 March 2026 is a Monday. */
function isQuiet(string $at, ?string $from = null, ?string $to = null): bool
{
    $time = static fn(?string $text): ?TimeOfDay => $text === null ? null : TimeOfDay::parse($text);
    $quiet = new QuietHours(Build::calendar('Europe/Dublin', '09:00-17:30'), $time($from), $time($to));

    return $quiet->includes((int) strtotime($at));
}

it('is quiet outside of working hours', function (string $at, bool $quiet): void {
    expect(isQuiet($at))->toBe($quiet);
})->with([
    'at work' => ['2026-03-02T10:00:00Z', false],
    'early' => ['2026-03-02T07:00:00Z', true],
    'at night' => ['2026-03-02T23:00:00Z', true],
    'on a Sunday' => ['2026-03-01T10:00:00Z', true],
]);

it('is quiet when they say so, over midnight as well', function (
    string $at,
    string $from,
    string $to,
    bool $quiet,
): void {
    expect(isQuiet($at, $from, $to))->toBe($quiet);
})->with([
    'before it begins' => ['2026-03-02T11:59:00Z', '12:00', '13:00', false],
    'as it begins' => ['2026-03-02T12:00:00Z', '12:00', '13:00', true],
    'as it ends' => ['2026-03-02T13:00:00Z', '12:00', '13:00', false],
    'over midnight, in the morning' => ['2026-03-02T09:59:00Z', '15:00', '10:00', true],
    'over midnight, at noon' => ['2026-03-02T12:00:00Z', '15:00', '10:00', false],
    'over midnight, in the afternoon' => ['2026-03-02T15:00:00Z', '15:00', '10:00', true],
    'in summer by the clock of the place' => ['2026-06-01T11:30:00Z', '12:00', '13:00', true],
]);
