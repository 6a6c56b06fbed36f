<?php

declare(strict_types=1);

use OpenBaton\Core\Foresight\SpentEffort;

it('says what tasks have taken, and of how many nothing is known', function (array $spent, ?array $figures): void {
    $is = SpentEffort::of($spent);
    expect($is === null ? null : array_values(get_object_vars($is)))->toBe($figures);
})->with([
    'nothing' => [[], null],
    'none with time' => [[0, 0], null],
    'one' => [[30, 0], [1, 1, 30, 30, 30, 30]],
    'ten' => [[10, 20, 30, 40, 50, 60, 70, 80, 90, 100], [10, 0, 30, 50, 80, 90]],
    'in any order' => [[4, 0, 1, 3, 0, 2], [4, 2, 1, 2, 3, 4]],
]);
