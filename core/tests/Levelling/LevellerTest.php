<?php

declare(strict_types=1);

use OpenBaton\Core\Levelling\Levelled;
use OpenBaton\Core\Levelling\Leveller;
use OpenBaton\Core\Levelling\Measure;
use OpenBaton\Core\Levelling\Movable;
use OpenBaton\Core\Levelling\Move;
use OpenBaton\Core\Levelling\Terms;
use OpenBaton\Core\Tests\Support\Build;
use Random\Engine\Mt19937;
use Random\Randomizer;

require_once __DIR__ . '/LevellingFunctions.php';

/** @param list<string> $eligible */
function toLevel(
    string $id,
    int $minutes,
    string $holder,
    string $due,
    array $eligible,
    ?string $customer = null,
): Movable {
    return new Movable($id, $minutes * 600_000, $holder, $eligible, null, Build::at($due), $customer);
}

/** @return list<string> "task: from > to" */
function movesOf(Levelled $levelled): array
{
    return array_map(static fn(Move $one): string => "{$one->taskId}: {$one->fromId} > {$one->toId}", $levelled->moves);
}

/** @return list<int> minutes late before, after and at least */
function lateOf(Levelled $levelled): array
{
    return array_map(static fn(int $units): int => intdiv($units, 600_000), [
        $levelled->before->late,
        $levelled->after->late,
        $levelled->bound,
    ]);
}

// Of three people who work eight hours a day from Monday, 2 March 2026, nine o'clock, b is away on Tuesday.

it('moves one from whoever has too much to whoever has room', function (): void {
    $levelled = (new Leveller(
        [
            toLevel('first', 300, 'a', '2026-03-02 17:00', ['a', 'c']),
            toLevel('second', 300, 'a', '2026-03-02 17:00', ['a', 'b', 'c']),
            toLevel('full', 400, 'c', '2026-03-02 17:00', ['c']),
        ],
        threeReaches(),
        new Terms(),
    ))->level(1000);
    expect([lateOf($levelled), movesOf($levelled)])->toBe([[120, 0, 0], ['second: a > b']]);
    expect([$levelled->isLeastLate(), $levelled->after->moves])->toBe([true, 1]);
});

it('swaps two where no move alone helps', function (): void {
    $levelled = (new Leveller(
        [
            toLevel('long', 480, 'a', '2026-03-02 17:00', ['a', 'b']),
            toLevel('more', 120, 'a', '2026-03-02 17:00', ['a']),
            toLevel('short', 360, 'b', '2026-03-02 17:00', ['a', 'b']),
        ],
        threeReaches(),
        new Terms(),
    ))->level(1000);
    expect([lateOf($levelled), movesOf($levelled)])->toBe([[120, 0, 0], ['long: a > b', 'short: b > a']]);
});

it('lets a third make room', function (): void {
    $levelled = (new Leveller(
        [
            toLevel('one', 300, 'a', '2026-03-02 17:00', ['a', 'b']),
            toLevel('two', 300, 'a', '2026-03-02 17:00', ['a']),
            toLevel('three', 400, 'b', '2026-03-02 17:00', ['b', 'c']),
        ],
        threeReaches(),
        new Terms(),
    ))->level(1000);
    expect([lateOf($levelled), movesOf($levelled)])->toBe([[120, 0, 0], ['one: a > b', 'three: b > c']]);
});

it('keeps to what the lead asks', function (Terms $terms, array $moves, int $late): void {
    $tasks = [
        toLevel('one', 200, 'a', '2026-03-02 17:00', ['a', 'b', 'c']),
        toLevel('two', 200, 'a', '2026-03-02 17:00', ['a', 'b', 'c']),
        toLevel('three', 200, 'a', '2026-03-02 17:00', ['a', 'b', 'c']),
        toLevel('four', 300, 'a', '2026-03-02 17:00', ['a', 'b', 'c']),
        toLevel('theirs', 300, 'b', '2026-03-02 17:00', ['b']),
        toLevel('full', 480, 'c', '2026-03-02 17:00', ['c']),
    ];
    $levelled = (new Leveller($tasks, threeReaches(), $terms))->level(2000);
    expect([count($levelled->moves), intdiv($levelled->after->late, 600_000)])->toBe([count($moves), $late]);
})->with([
    'nothing' => [new Terms(), ['one'], 240],
    'no move' => [new Terms(mostMoves: 0), [], 420],
    'a move that saves three hours' => [new Terms(leastSaving: 180 * 600_000), ['one'], 240],
    'a move that saves more' => [new Terms(leastSaving: 181 * 600_000), [], 420],
    'nobody fuller than full' => [new Terms(barsPeaks: true), [], 420],
]);

it('undoes what helps nobody, and brings together what one customer has', function (): void {
    $tasks = [
        toLevel('one', 60, 'a', '2026-03-04 17:00', ['a', 'b'], 'band'),
        toLevel('two', 60, 'b', '2026-03-04 17:00', ['a', 'b'], 'band'),
    ];
    $order = [Measure::Late, Measure::Breaks, Measure::Moves, Measure::Peak];
    $together = (new Leveller($tasks, threeReaches(), new Terms($order)))->level(100);
    expect([$together->before->breaks, $together->after->breaks, count($together->moves)])->toBe([1, 0, 1]);
    expect((new Leveller($tasks, threeReaches(), new Terms([Measure::Moves])))->level(100)->moves)->toBe([]);
});

it(
    'is never worse than today nor below the bound, keeps to who may have what, and comes near the best',
    function (): void {
        $random = new Randomizer(new Mt19937(9));
        $reach = threeReaches();
        [$ours, $best] = [0, 0];
        for ($case = 0; $case < 120; ++$case) {
            $tasks = movables($random, $random->getInt(2, 7));
            $levelled = (new Leveller($tasks, $reach, new Terms()))->level(3000);
            expect($levelled->after->compare($levelled->before, (new Terms())->order))->toBeLessThanOrEqual(0);
            expect($levelled->after->late)->toBeGreaterThanOrEqual($levelled->bound);
            $eligible = array_column($tasks, 'eligible', 'id');
            foreach ($levelled->moves as $move) {
                expect($eligible[$move->taskId])->toContain($move->toId);
            }
            expect((new Leveller($tasks, $reach, new Terms()))->level(3000))->toEqual($levelled);
            $ours += $levelled->after->late;
            $best += leastLate($tasks, $reach);
        }
        expect($ours)->toBeLessThanOrEqual((int) ($best * 1.02));
    },
);

it('stops when its steps are used up, or when it is told to, with the best so far', function (): void {
    $random = new Randomizer(new Mt19937(4));
    $tasks = movables($random, 12);
    $whole = (new Leveller($tasks, threeReaches(), new Terms()))->level(5000);
    expect(count($whole->moves))->toBeGreaterThan(1);
    $few = (new Leveller($tasks, threeReaches(), new Terms()))->level(5);
    expect([$few->steps <= 6, $few->after->late >= $whole->after->late])->toBe([true, true]);
    $seen = [];
    $stopped = (new Leveller($tasks, threeReaches(), new Terms()))->level(5000, static function (Levelled $so) use (
        &$seen,
    ): bool {
        $seen[] = $so->after->late;

        return false;
    });
    expect($seen)->toBe([$stopped->after->late]);
});
