<?php

declare(strict_types=1);

use OpenBaton\Core\Levelling\Groups;
use OpenBaton\Core\Levelling\Leveller;
use OpenBaton\Core\Levelling\Movable;
use OpenBaton\Core\Levelling\Move;
use OpenBaton\Core\Levelling\Terms;
use OpenBaton\Core\Levelling\Weighing;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Workload\LoadPlanner;
use Random\Engine\Mt19937;
use Random\Randomizer;

require_once __DIR__ . '/LevellingFunctions.php';

/** Of two people who work eight hours a day, a has ten hours due on Monday, b nothing. */
function weighing(): Weighing
{
    $due = Build::at('2026-03-02 17:00');
    $task = static fn(string $id, int $minutes): Movable => new Movable(
        $id,
        $minutes * 600_000,
        'a',
        ['a', 'b'],
        null,
        $due,
    );

    return new Weighing(
        [$task('first', 300), $task('second', 240), $task('third', 60)],
        array_intersect_key(threeReaches(), ['a' => true, 'b' => true]),
    );
}

it('says what an assignment comes to, and when each is done', function (): void {
    $today = weighing()->of([]);
    expect($today->cost->late)->toBe(120 * 600_000);
    expect($today->people['a']->finishes)->toBe([
        'first' => Build::at('2026-03-02 14:00'),
        'second' => Build::at('2026-03-03 10:00'),
        'third' => Build::at('2026-03-03 11:00'),
    ]);
    expect($today->people['a']->overFrom)->toBe(Build::at('2026-03-02 17:00'));
    expect([$today->people['b']->finishes, $today->people['b']->overFrom])->toBe([[], null]);

    $moved = weighing()->of([new Move('second', 'a', 'b')]);
    expect([$moved->cost->late, $moved->cost->moves])->toBe([0, 1]);
    expect($moved->people['b']->finishes)->toBe(['second' => Build::at('2026-03-02 13:00')]);
    expect($moved->people['a']->overFrom)->toBeNull();
});

it('says what each group saves once the others are taken', function (): void {
    $moves = [new Move('second', 'a', 'b', 1), new Move('third', 'a', 'b', 2)];
    // Nine hours are left without the second, eight without the third.
    expect(weighing()->savings($moves))->toBe([1 => 60 * 600_000, 2 => 0]);
    expect(weighing()->savings([$moves[1]]))->toBe([2 => 60 * 600_000]);
});

it('numbers groups by who is in them', function (): void {
    $groups = new Groups();
    $groups->join([3]);
    $groups->join([5, 8]);
    $groups->join([8, 9]);
    expect($groups->numbers([3, 5, 7, 8, 9]))->toBe([3 => 1, 5 => 2, 7 => 3, 8 => 2, 9 => 2]);
});

it('takes swaps and chains whole', function (): void {
    $due = Build::at('2026-03-02 17:00');
    $task = static fn(string $id, int $minutes, string $holder, array $eligible): Movable => new Movable(
        $id,
        $minutes * 600_000,
        $holder,
        $eligible,
        null,
        $due,
    );
    $tasks = [$task('one', 300, 'a', ['a', 'b']), $task('three', 400, 'b', ['b', 'c']), $task('two', 300, 'a', ['a'])];
    $moves = (new Leveller($tasks, threeReaches(), new Terms()))->level(1000)->moves;
    expect($moves)->toEqual([new Move('one', 'a', 'b', 1), new Move('three', 'b', 'c', 1)]);
});

it('is done with everything when the load plan is', function (): void {
    $random = new Randomizer(new Mt19937(77));
    $reach = threeReaches();
    $roster = new Roster(
        Build::calendar(),
        [Build::person('a'), Build::person('b'), Build::person('c')],
        absences: [Build::absence('b', '2026-03-03', '2026-03-04')],
    );
    for ($case = 0; $case < 100; ++$case) {
        $tasks = movables($random, 9);
        $weighed = (new Weighing($tasks, $reach))->of([]);
        foreach ($roster->people as $person) {
            $items = [];
            foreach ($tasks as $task) {
                if ($task->holderId === $person->id) {
                    $start = $task->startAt === null ? null : gmdate('Y-m-d H:i:s', $task->startAt);
                    $due = gmdate('Y-m-d H:i:s', (int) $task->dueAt);
                    $items[] = Build::item($task->id, $person->id, intdiv($task->work, 600_000), $due, $start);
                }
            }
            $plan = LoadPlanner::plan(
                $person->hours,
                $roster->presenceOf($person->id),
                $person->capacity,
                $items,
                Build::at('2026-03-02 09:00'),
                toTheEnd: true,
            );
            expect($weighed->people[$person->id]->finishes)->toEqualCanonicalizing($plan->finishes);
        }
    }
});
