<?php

declare(strict_types=1);

// The part of run.php that is about runs of runsheets and rollouts in the database.

/** @var array<string, string> $environment of run.php */

echo "\nThe clock for 100 and for 10,000 runs that go on, milliseconds\n";
/** @var array<string, float> $runs */
$runs = json_decode(
    run([PHP_BINARY, '-d', 'memory_limit=1G', __DIR__ . '/runs.php'], $environment),
    true,
    4,
    JSON_THROW_ON_ERROR,
);
foreach (['idle' => 'where nothing is due', 'busy' => 'where 10 waits are over'] as $code => $what) {
    $times = $runs["{$code}_10000"] / $runs["{$code}_100"];
    printf(
        "  %-28s %7.2f, and %7.2f   %.2f times; aim: at most 1.5: %s\n",
        $what,
        $runs["{$code}_100"],
        $runs["{$code}_10000"],
        $times,
        verdict($times <= 1.5),
    );
}

echo "\nA rollout of 2,000 tasks in the background, over 50,000 open ones\n";
/**
 * @var array{put: float, stopped_at: int, made: int, seconds: float, undone: int, undo_seconds: float, edit: float,
 *     edit_beside: float, edit_beside_slowest: float} $rollouts
 */
$rollouts = json_decode(
    run([PHP_BINARY, '-d', 'memory_limit=1G', __DIR__ . '/rollouts.php'], $environment),
    true,
    4,
    JSON_THROW_ON_ERROR,
);
printf('  put down in %.2f seconds, ', $rollouts['put']);
printf('stopped after %d, made %d in %.1f seconds, ', $rollouts['stopped_at'], $rollouts['made'], $rollouts['seconds']);
printf("taken back %d in %.1f\n", $rollouts['undone'], $rollouts['undo_seconds']);
printf(
    "  an edit alone %.2f ms, beside it %.2f, the slowest %.1f   aim: at most 100: %s\n",
    $rollouts['edit'],
    $rollouts['edit_beside'],
    $rollouts['edit_beside_slowest'],
    verdict($rollouts['edit_beside_slowest'] <= 100),
);
