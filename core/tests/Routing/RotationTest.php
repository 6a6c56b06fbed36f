<?php

declare(strict_types=1);

use OpenBaton\Core\People\Membership;
use OpenBaton\Core\Routing\Rotation;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Tests\Support\Build;

/**
 * @param list<list<Membership>> $rounds who is eligible at each turn
 *
 * @return string the winners, by the first letter of each
 */
function turns(Rotation $rotation, array $rounds, int $keepMissed = 0): string
{
    $winners = '';
    foreach ($rounds as $eligible) {
        [$winner, $rotation] = $rotation->turn($eligible, $keepMissed);
        $winners .= $winner[0];
    }

    return $winners;
}

it('goes round in the order of joining', function (): void {
    $seats = Build::members('a', 'b', 'c');
    expect(turns((new Rotation('r'))->joinedBy($seats), array_fill(0, 7, $seats)))->toBe('abcabca');
});

it('keeps passes, virtual time and strides as defined', function (): void {
    $seats = Build::members('a', 'b');
    $rotation = (new Rotation('r'))->joinedBy($seats);
    // Weight 100: a stride of 10^7; new members start half a stride after the virtual time.
    expect($rotation->passes)->toBe(['a' => 5_000_000, 'b' => 5_000_000]);
    expect($rotation->virtualTime)->toBe(0);

    [$winner, $rotation] = $rotation->turn($seats);
    expect($winner)->toBe('a');
    expect($rotation->passes)->toBe(['a' => 15_000_000, 'b' => 5_000_000]);
    expect($rotation->virtualTime)->toBe(5_000_000);

    [, $rotation] = $rotation->turn($seats);
    [, $rotation] = $rotation->turn($seats);
    expect($rotation->passes)->toBe(['a' => 25_000_000, 'b' => 15_000_000]);
    expect($rotation->virtualTime)->toBe(15_000_000);

    // A third joins at the virtual time and half a stride.
    expect($rotation->joinedBy(Build::members('a', 'b', 'c'))->passes['c'])->toBe(20_000_000);
});

it('gives turns by weight and spreads them out', function (): void {
    $seats = [new Membership('a', 100), new Membership('b', 50), new Membership('c', 100)];
    // b: stride 2·10^7, first pass 10^7. Passes (a, b, c) in units of 10^6, winner first by lowest:
    // (5,10,5) a (15,10,5) c (15,10,15) b (15,30,15) a (25,30,15) c (25,30,25) a (35,30,25) c (35,30,35) b …
    expect(turns((new Rotation('r'))->joinedBy($seats), array_fill(0, 10, $seats)))->toBe('acbacacbac');
});

it('neither punishes nor floods one who was away', function (): void {
    $all = Build::members('a', 'b', 'c');
    $without = Build::members('a', 'b');
    // c misses six turns and comes back to take one turn in three.
    $rounds = [...array_fill(0, 3, $all), ...array_fill(0, 6, $without), ...array_fill(0, 6, $all)];
    expect(turns((new Rotation('r'))->joinedBy($all), $rounds))->toBe('abc' . 'ababab' . 'cabcab');
});

it('keeps so many missed turns for one who was away', function (int $kept, string $winners): void {
    $seats = Build::members('a', 'b', 'c');
    $there = Build::members('a', 'b');
    $rounds = [...array_fill(0, 6, $there), ...array_fill(0, 7, $seats)];
    expect(turns((new Rotation('r'))->joinedBy($seats), $rounds, $kept))->toBe($winners);
})->with([
    // The virtual time is two strides and a half as c comes back with a pass of half a stride, three turns behind.
    'none' => [0, 'ababab' . 'cabcabc'],
    'one' => [1, 'ababab' . 'ccabcab'],
    'all that were missed' => [2, 'ababab' . 'cccabca'],
    'no more than were missed' => [9, 'ababab' . 'cccabca'],
]);

it('gives a kept turn back in full, whatever the weight', function (): void {
    $seats = [new Membership('a'), new Membership('b', 50)];
    $rotation = (new Rotation('r'))->joinedBy($seats);
    foreach (range(1, 8) as $_) {
        [, $rotation] = $rotation->turn([$seats[0]]);
    }
    // A's passes were 0.5 to 7.5 strides; b's stride is two of them, and b began one stride behind zero.
    expect($rotation->virtualTime)->toBe(75_000_000);
    expect($rotation->raised($seats[1], 2))->toBe(35_000_000);
    expect($rotation->raised($seats[1], 9))->toBe(10_000_000);
    expect($rotation->raised($seats[1]))->toBe(75_000_000);
    expect(turns($rotation, array_fill(0, 5, $seats), 2))->toBe('bbbaa');
});

it('keeps two who are always there level while a third is there every other time', function (): void {
    $rounds = [];
    for ($turn = 0; $turn < 60; ++$turn) {
        $rounds[] = $turn % 2 === 0 ? Build::members('a', 'b', 'c') : Build::members('a', 'b');
    }
    $winners = turns((new Rotation('r'))->joinedBy(Build::members('a', 'b', 'c')), $rounds);
    for ($length = 1; $length <= 60; ++$length) {
        $so = substr($winners, 0, $length);
        expect(abs(substr_count($so, 'a') - substr_count($so, 'b')))->toBeLessThanOrEqual(1);
    }
    // Nor is the third passed over for ever at ties: a third of all turns at the very most, half of that at least.
    expect(substr_count($winners, 'c'))->toBeGreaterThanOrEqual(10)->toBeLessThanOrEqual(20);
});

it('causes no burst for one who joins late', function (): void {
    $rotation = (new Rotation('r'))->joinedBy(Build::members('a', 'b'));
    for ($turn = 0; $turn < 100; ++$turn) {
        [, $rotation] = $rotation->turn(Build::members('a', 'b'));
    }
    // Both stand at 505·10^6, the virtual time at 495·10^6, so c joins at 500·10^6: one turn at once, then one in
    // three.
    $all = Build::members('a', 'b', 'c');
    expect(turns($rotation->joinedBy($all), array_fill(0, 6, $all)))->toBe('cabcab');
});

it('never lets the virtual time fall', function (): void {
    $rotation = (new Rotation('r'))->joinedBy(Build::members('a', 'b', 'c'));
    mt_srand(3);
    for ($turn = 0; $turn < 300; ++$turn) {
        $eligible =
            array_values(array_filter(Build::members('a', 'b', 'c'), static fn(): bool => mt_rand(0, 1) === 1)) ?:
            Build::members('c');
        [, $after] = $rotation->turn($eligible);
        expect($after->virtualTime)->toBeGreaterThanOrEqual($rotation->virtualTime);
        $rotation = $after;
    }
});

it('is a value: a turn leaves the rotation that took it alone', function (): void {
    $rotation = (new Rotation('r'))->joinedBy(Build::members('a', 'b'));
    $rotation->turn(Build::members('a', 'b'));
    expect($rotation->passes)->toBe(['a' => 5_000_000, 'b' => 5_000_000]);
    expect(Rotations::of([$rotation])->named('r'))->toBe($rotation);
    expect((new Rotations())->named('other')->passes)->toBe([]);
});

it('is corrected: a turn skipped, the last one given back, begun anew', function (): void {
    $all = Build::members('a', 'b', 'c');
    $new = (new Rotation('r'))->joinedBy($all);
    expect($new->coming($all, 5))->toBe(['a', 'b', 'c', 'a', 'b']);
    expect($new->skipped($all[0])->passes)->toBe(['a' => 15_000_000, 'b' => 5_000_000, 'c' => 5_000_000]);
    expect(implode($new->skipped($all[0])->coming($all, 4)))->toBe('bcab');

    $after = $new;
    foreach (range(1, 4) as $_) {
        [, $after] = $after->turn($all);
    }
    // a has had two turns and stands at 25·10^6, the others at 15, as the virtual time does.
    expect([$after->virtualTime, implode($after->coming($all, 4))])->toBe([15_000_000, 'bcab']);
    expect(implode($after->putBack($all[0])->coming($all, 4)))->toBe('abca');
    expect(implode($after->putBack($all[2])->coming($all, 4)))->toBe('cbab');
    expect($after->putBack($all[2])->putBack($all[2])->passes['c'])->toBe(0);
    // Who lies behind the virtual time is raised to it first: the turn that is skipped is the one that comes.
    expect($after->putBack($all[2])->skipped($all[2])->passes['c'])->toBe(25_000_000);

    $weighted = ['a' => $all[0], 'c' => new Membership('c', 50)];
    expect($after->begunAnew($weighted))->toEqual(new Rotation('r', 0, ['a' => 5_000_000, 'c' => 10_000_000]));
});

it('tells who came before, but could not be chosen', function (): void {
    $all = [$a, $b, $c] = Build::members('a', 'b', 'c');
    $rotation = new Rotation('r', 5_000_000, ['a' => 5_000_000, 'b' => 4_000_000, 'c' => 15_000_000]);
    expect($rotation->passedOver($all, [$c], 'c'))->toBe(['b', 'a']);
    expect($rotation->passedOver($all, [$a, $c], 'a'))->toBe(['b']);
    expect($rotation->passedOver($all, [$b, $c], 'b'))->toBe([]);
    expect($rotation->passedOver($all, [$c, $b->takenBy('x')], 'c'))->toBe(['a']);
    expect((new Rotation('r', 0, ['a' => 5, 'b' => 5]))->passedOver([$a, $b], [$b], 'b'))->toBe(['a']);
});

it('refuses a turn of a stranger', function (): void {
    (new Rotation('r'))->turn(Build::members('a'));
})->throws(InvalidArgumentException::class, 'not in the rotation');
