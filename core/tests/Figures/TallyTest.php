<?php

declare(strict_types=1);

use OpenBaton\Core\Figures\EndedTask;
use OpenBaton\Core\Figures\Figures;
use OpenBaton\Core\Figures\Tally;
use OpenBaton\Core\Figures\Typical;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Time\WorkingTime;

/** In the working time of a house that is open from nine to five, Monday to Friday. */
function tallied(EndedTask ...$tasks): Figures
{
    $tally = new Tally();
    foreach ($tasks as $task) {
        $tally->end($task, ...Tally::times($task, new WorkingTime(Build::calendar())));
    }

    return $tally->figures();
}

/** Of the first week of March 2026, of which the second is a Monday. */
function instantOfMarch(string $moment): int
{
    return (int) strtotime("2026-03-{$moment}:00Z");
}

it('counts what was done, what of it late, and what was dropped', function (): void {
    $figures = tallied(
        new EndedTask(false, instantOfMarch('02 09:00'), instantOfMarch('02 12:00'), null, instantOfMarch('02 12:00')),
        new EndedTask(false, instantOfMarch('02 09:00'), instantOfMarch('02 12:01'), null, instantOfMarch('02 12:00')),
        new EndedTask(false, instantOfMarch('02 09:00'), instantOfMarch('02 12:00')),
        new EndedTask(true, instantOfMarch('02 09:00'), instantOfMarch('05 12:00'), null, instantOfMarch('02 12:00')),
    );
    expect([$figures->done, $figures->late, $figures->dropped, $figures->arrived])->toBe([3, 1, 1, 0]);
});

it('counts how long it was in working time, until it was begun and until it was done', function (): void {
    // From Friday at four: an hour of Friday, two of Monday, eight until Tuesday.
    $figures = tallied(
        new EndedTask(false, instantOfMarch('06 16:00'), instantOfMarch('10 11:00'), instantOfMarch('09 11:00')),
    );
    expect([$figures->touched?->median, $figures->took?->median])->toBe([3 * 60, 11 * 60]);
    // What was done without being begun was first touched then; what was begun before it came in, at once.
    $figures = tallied(new EndedTask(false, instantOfMarch('02 09:00'), instantOfMarch('02 10:00')));
    expect([$figures->touched?->median, $figures->took?->median])->toBe([60, 60]);
    $figures = tallied(
        new EndedTask(false, instantOfMarch('02 09:00'), instantOfMarch('02 10:00'), instantOfMarch('01 10:00')),
    );
    expect([$figures->touched?->median, $figures->took?->median])->toBe([0, 60]);
});

it('has no times of what was dropped, and none of nothing', function (): void {
    $figures = tallied(new EndedTask(true, instantOfMarch('02 09:00'), instantOfMarch('02 10:00')));
    expect([$figures->touched, $figures->took])->toBe([null, null]);
});

it('tells what is usual and what nine of ten do not exceed, by nearest rank', function (): void {
    $typical = fn(int ...$values): array => [
        Typical::of(array_values($values))?->median,
        Typical::of(array_values($values))?->ninety,
    ];
    expect($typical(7))
        ->toBe([7, 7])
        ->and($typical(4, 1))
        ->toBe([1, 4])
        ->and($typical(1, 2, 3, 4, 5, 6, 7, 8, 9, 10))
        ->toBe([5, 9])
        ->and($typical(...range(1, 11)))
        ->toBe([6, 10])
        ->and(Typical::of([]))
        ->toBeNull();
});
