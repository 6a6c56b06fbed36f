<?php

declare(strict_types=1);

use OpenBaton\Core\Alert\Watch;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** @return list<list<string>> raised, holds, over */
function watched(array $known, array $holding, int $now): array
{
    $watch = Watch::look($known, $holding, $now);

    return [$watch->raised, $watch->holds, $watch->over];
}

it('raises what begins, and what holds on not again', function (): void {
    expect(watched([], ['a', 'b'], 10_000))->toBe([['a', 'b'], [], []]);
    expect(watched(['a' => 10_000, 'b' => 10_000], ['a', 'b', 'c'], 10_300))->toBe([['c'], ['a', 'b'], []]);
});

it('raises again only what has not held for an hour', function (int $pause, array $expected): void {
    expect(watched(['a' => 10_000], ['a'], 10_000 + $pause))->toBe($expected);
})->with([
    'for less' => [3599, [[], ['a'], []]],
    'for an hour' => [3600, [['a'], [], ['a']]],
]);

it('forgets what is over after an hour, and not before', function (): void {
    expect(watched(['a' => 10_000, 'b' => 12_000], [], 13_600))->toBe([[], [], ['a']]);
    expect(watched(['7' => 10_000], ['7'], 10_001))->toBe([[], ['7'], []]);
});

it('tells of each once, whatever goes to and fro', function (): void {
    $dice = new Randomizer(new Mt19937(11));
    for ($story = 0; $story < 200; ++$story) {
        [$known, $now, $ceased] = [[], 0, null];
        for ($step = 0; $step < 40; ++$step) {
            $now += 300 * $dice->getInt(1, 6);
            $holds = $dice->getInt(0, 1) === 1;
            $watch = Watch::look($known, $holds ? ['a'] : [], $now);
            // By other means: it is told of when it had never held, or not for an hour by then.
            $expected = $holds && ($ceased === null || $now - $ceased >= 3600);
            expect($watch->raised)->toBe($expected ? ['a'] : []);
            foreach ($watch->over as $about) {
                unset($known[$about]);
            }
            foreach ([...$watch->raised, ...$watch->holds] as $about) {
                $known[$about] = $now;
            }
            $ceased = $holds ? $now : $ceased;
        }
    }
});
