<?php

declare(strict_types=1);

use OpenBaton\Core\Levelling\Fraction;
use OpenBaton\Core\Levelling\Job;
use OpenBaton\Core\Levelling\Line;
use Random\Engine\Mt19937;
use Random\Randomizer;

require_once __DIR__ . '/LevellingFunctions.php';

it('counts as late what is done after it is due, and no more', function (array $jobs, int $late, array $peak): void {
    $line = new Line($jobs);
    expect($line->late())->toBe($late);
    expect([$line->peak()->work, $line->peak()->time])->toBe($peak);
})->with([
    'nothing to do' => [[], 0, [0, 1]],
    'in time to the minute' => [[new Job('a', 4, 0, 4)], 0, [4, 4]],
    'one too many' => [[new Job('a', 4, 0, 4), new Job('b', 3, 0, 6)], 1, [7, 6]],
    'without a due date nothing is late' => [[new Job('a', 9, 0, null)], 0, [0, 1]],
    'one that begins later waits, and interrupts' => [[new Job('short', 2, 3, 5), new Job('long', 6, 0, 8)], 0, [8, 8]],
    'a window that begins later may be the fullest' => [[new Job('a', 3, 4, 6), new Job('b', 1, 0, 9)], 1, [3, 2]],
    'what is overdue is late whole, and counts with the first window' => [
        [new Job('over', 2, 0, 0, true), new Job('next', 3, 0, 4)],
        3,
        [5, 4],
    ],
    'what is due before anything can be done' => [[new Job('a', 2, 0, 0)], 2, [2, 0]],
]);

it('agrees with a plan made unit by unit, and is full beyond one just where something is late', function (): void {
    $random = new Randomizer(new Mt19937(21));
    for ($case = 0; $case < 600; ++$case) {
        $jobs = jobsOf($random, 6);
        expect((new Line($jobs))->late())->toBe(lateByUnits($jobs));
        $jobs = jobsOf($random, 6, overdue: false);
        expect((new Line($jobs))->peak()->exceedsOne())->toBe(lateByUnits($jobs) > 0);
    }
});

it('compares exactly, also what is too large to be multiplied', function (): void {
    $large = 4_000_000_000_000;
    expect((new Fraction($large + 1, $large))->compare(new Fraction($large, $large - 1)))->toBe(-1);
    expect((new Fraction(2, 4))->compare(new Fraction(1, 2)))->toBe(0);
    expect((new Fraction(3, 4))->compare(new Fraction(2, 3)))->toBe(1);
    expect((new Fraction(1, 0))->compare(new Fraction(9, 1)))->toBe(1);
    expect((new Fraction(0, 0))->compare(new Fraction(0, 7)))->toBe(0);
    $random = new Randomizer(new Mt19937(5));
    for ($case = 0; $case < 500; ++$case) {
        [$a, $b, $c, $d] = array_map(static fn() => $random->getInt(0, 40), range(1, 4));
        expect((new Fraction($a, $b + 1))->compare(new Fraction($c, $d + 1)))->toBe($a * ($d + 1) <=> $c * ($b + 1));
    }
});
