<?php

declare(strict_types=1);

// The part of run.php that is about many tasks at once.

/** @var array<string, string> $environment of run.php */

echo "\nA sweep over 50,000 open tasks, of which 5,000 change, milliseconds\n";
/**
 * @var array{looked: int, look_seconds: float, would_change: int, carried: int, edit: float, swept: float,
 *     edit_beside: float, edit_beside_slowest: float} $sweeps
 */
$sweeps = json_decode(
    run([PHP_BINARY, '-d', 'memory_limit=1G', __DIR__ . '/sweeps.php'], $environment),
    true,
    8,
    JSON_THROW_ON_ERROR,
);
printf("  %d tasks looked at, in the background: %.1f seconds\n", $sweeps['looked'], $sweeps['look_seconds']);
printf(
    "  a task swept %.2f, an edit of one %.2f   %.2f of it; aim: at most 1: %s\n",
    $sweeps['swept'],
    $sweeps['edit'],
    $sweeps['swept'] / $sweeps['edit'],
    verdict($sweeps['swept'] <= $sweeps['edit']),
);
printf(
    "  an edit beside it %.2f, the slowest %.1f   aim: at most 100: %s\n",
    $sweeps['edit_beside'],
    $sweeps['edit_beside_slowest'],
    verdict($sweeps['edit_beside_slowest'] <= 100),
);
