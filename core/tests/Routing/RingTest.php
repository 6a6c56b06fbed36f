<?php

declare(strict_types=1);

use OpenBaton\Core\People\Membership;
use OpenBaton\Core\Routing\Ring;
use OpenBaton\Core\Routing\Rings;
use OpenBaton\Core\Tests\Support\Build;

/**
 * @param list<list<Membership>> $rounds who is eligible at each turn
 *
 * @return string the winners, by the first letter of each
 */
function turns(Ring $ring, array $rounds): string
{
    $winners = '';
    foreach ($rounds as $eligible) {
        [$winner, $ring] = $ring->turn($eligible);
        $winners .= $winner[0];
    }

    return $winners;
}

it('goes round in ring order', function (): void {
    $seats = Build::seats('a', 'b', 'c');
    expect(turns((new Ring('r'))->joinedBy($seats), array_fill(0, 7, $seats)))->toBe('abcabca');
});

it('keeps marks, now and strides as defined', function (): void {
    $seats = Build::seats('a', 'b');
    $ring = (new Ring('r'))->joinedBy($seats);
    // Weight 100: a stride of 10^7; new members start half a stride after now.
    expect($ring->marks)->toBe(['a' => 5_000_000, 'b' => 5_000_000])->and($ring->now)->toBe(0);

    [$winner, $ring] = $ring->turn($seats);
    expect($winner)->toBe('a')->and($ring->marks)->toBe(['a' => 15_000_000, 'b' => 5_000_000])->and($ring->now)->toBe(5_000_000);

    [, $ring] = $ring->turn($seats);
    [, $ring] = $ring->turn($seats);
    expect($ring->marks)->toBe(['a' => 25_000_000, 'b' => 15_000_000])->and($ring->now)->toBe(15_000_000);

    // A third joins at now and half a stride.
    expect($ring->joinedBy(Build::seats('a', 'b', 'c'))->marks['c'])->toBe(20_000_000);
});

it('gives turns by weight and spreads them out', function (): void {
    $seats = [new Membership('a', 100), new Membership('b', 50), new Membership('c', 100)];
    // b: stride 2·10^7, first mark 10^7. Marks (a, b, c) in units of 10^6, winner first by lowest:
    // (5,10,5) a (15,10,5) c (15,10,15) b (15,30,15) a (25,30,15) c (25,30,25) a (35,30,25) c (35,30,35) b …
    expect(turns((new Ring('r'))->joinedBy($seats), array_fill(0, 10, $seats)))->toBe('acbacacbac');
});

it('neither punishes nor floods one who was away', function (): void {
    $all = Build::seats('a', 'b', 'c');
    $without = Build::seats('a', 'b');
    // c misses six turns and comes back to take one turn in three.
    $rounds = [...array_fill(0, 3, $all), ...array_fill(0, 6, $without), ...array_fill(0, 6, $all)];
    expect(turns((new Ring('r'))->joinedBy($all), $rounds))->toBe('abc'.'ababab'.'cabcab');
});

it('keeps two who are always there level while a third is there every other time', function (): void {
    $rounds = [];
    for ($turn = 0; $turn < 60; ++$turn) {
        $rounds[] = $turn % 2 === 0 ? Build::seats('a', 'b', 'c') : Build::seats('a', 'b');
    }
    $winners = turns((new Ring('r'))->joinedBy(Build::seats('a', 'b', 'c')), $rounds);
    for ($length = 1; $length <= 60; ++$length) {
        $so = substr($winners, 0, $length);
        expect(abs(substr_count($so, 'a') - substr_count($so, 'b')))->toBeLessThanOrEqual(1);
    }
    // Nor is the third passed over for ever at ties: a third of all turns at the very most, half of that at least.
    expect(substr_count($winners, 'c'))->toBeGreaterThanOrEqual(10)->toBeLessThanOrEqual(20);
});

it('causes no burst for one who joins late', function (): void {
    $ring = (new Ring('r'))->joinedBy(Build::seats('a', 'b'));
    for ($turn = 0; $turn < 100; ++$turn) {
        [, $ring] = $ring->turn(Build::seats('a', 'b'));
    }
    // Both stand at 505·10^6 and now at 495·10^6, so c joins at 500·10^6: one turn at once, then one in three.
    $all = Build::seats('a', 'b', 'c');
    expect(turns($ring->joinedBy($all), array_fill(0, 6, $all)))->toBe('cabcab');
});

it('never lets now fall', function (): void {
    $ring = (new Ring('r'))->joinedBy(Build::seats('a', 'b', 'c'));
    mt_srand(3);
    for ($turn = 0; $turn < 300; ++$turn) {
        $eligible = array_values(array_filter(Build::seats('a', 'b', 'c'), static fn(): bool => mt_rand(0, 1) === 1)) ?: Build::seats('c');
        [, $after] = $ring->turn($eligible);
        expect($after->now)->toBeGreaterThanOrEqual($ring->now);
        $ring = $after;
    }
});

it('is a value: a turn leaves the ring that took it alone', function (): void {
    $ring = (new Ring('r'))->joinedBy(Build::seats('a', 'b'));
    $ring->turn(Build::seats('a', 'b'));
    expect($ring->marks)->toBe(['a' => 5_000_000, 'b' => 5_000_000])
        ->and((Rings::of([$ring]))->ring('r'))->toBe($ring)
        ->and((new Rings())->ring('other')->marks)->toBe([]);
});

it('refuses a turn of a stranger', function (): void {
    (new Ring('r'))->turn(Build::seats('a'));
})->throws(InvalidArgumentException::class, 'not in the rotation');
