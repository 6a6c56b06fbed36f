<?php

declare(strict_types=1);

use OpenBaton\Core\Check\Values\Terms;

require_once __DIR__ . '/TermsFunctions.php';

it('finds what never holds, and what implies what, exactly where trying all values does', function (int $seed): void {
    $world = new SmallWorld($seed);
    [$one, $two] = [$world->criteria(3), $world->criteria(3)];
    $found = $implied = true;
    foreach ($world->assignments() as $facts) {
        [$first, $second] = [$world->holds($one, $facts), $world->holds($two, $facts)];
        $found = $found && !$first;
        $implied = $implied && (!$first || $second);
    }
    [$these, $those] = [$world->terms($one), $world->terms($two)];
    expect($these->isEmpty())->toBe($found, json_encode($one, JSON_THROW_ON_ERROR));
    expect($these->isWithin($those))->toBe(
        $implied,
        json_encode($one, JSON_THROW_ON_ERROR) . ' in ' . json_encode($two, JSON_THROW_ON_ERROR),
    );
    // A complement leaves nothing, and nothing of both.
    expect($these->and($world->denied($one))->isEmpty())->toBeTrue();
    expect(Terms::always()->isWithin($these->or($world->denied($one))))->toBeTrue();
})->with(range(1, 400));

it('is never wrong of texts', function (int $seed): void {
    $world = new SmallWorld($seed, texts: true);
    [$one, $two] = [$world->criteria(3), $world->criteria(3)];
    [$these, $those] = [$world->terms($one), $world->terms($two)];
    foreach ($world->assignments() as $facts) {
        if ($world->holds($one, $facts)) {
            expect($these->isEmpty())->toBeFalse(json_encode($one, JSON_THROW_ON_ERROR));
            if (!$world->holds($two, $facts)) {
                expect($these->isWithin($those))->toBeFalse(json_encode([$one, $two], JSON_THROW_ON_ERROR));
            }
        }
    }
    expect($these->isWithin($these))->toBeTrue();
})->with(range(1, 200));
