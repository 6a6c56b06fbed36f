<?php

declare(strict_types=1);

use OpenBaton\Core\Refusal;
use OpenBaton\Core\Time\Steps;

it('takes as many steps as there are, and refuses the next', function (): void {
    $steps = new Steps(2);
    $steps->take();
    $steps->take();
    expect($steps->areLeft())->toBeTrue();
    expect(static fn() => $steps->take())->toThrow(Refusal::class);
    expect($steps->areLeft())->toBeFalse();
});

it('counts each step against those of the whole, too', function (): void {
    $all = new Steps(3);
    [$one, $other] = [new Steps(2, $all), new Steps(2, $all)];
    $one->take();
    $one->take();
    $other->take();
    expect(static fn() => $other->take())->toThrow(Refusal::class);
    expect([$all->areLeft(), $other->areLeft()])->toBe([false, true]);
});
