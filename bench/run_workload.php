<?php

declare(strict_types=1);

// The part of run.php that is about workload: the floor, foresight, levelling.

/** @var array<string, string> $environment of run.php */

/**
 * @var array{people: int, tasks: int, read: float, floors: array<string, float>, kilobytes: float, queries: int,
 *     preview: float, figures: float, foresight: float} $floor
 */
$floor = json_decode(
    run([PHP_BINARY, '-d', 'memory_limit=1G', __DIR__ . '/workload.php'], $environment),
    true,
    4,
    JSON_THROW_ON_ERROR,
);
printf(
    "\nThe floor of %d people with %d open tasks, in one process, milliseconds\n",
    $floor['people'],
    $floor['tasks'],
);
printf("  reading all of the work alone %.0f\n", $floor['read']);
foreach ($floor['floors'] as $path => $took) {
    $first = $path === '/floor';
    printf(
        "  %-32s %6.0f   %.2f times%s\n",
        $path,
        $took,
        $took / $floor['read'],
        $first
            ? sprintf(
                '; %.0f kB in %d queries; aim: under 1000: %s',
                $floor['kilobytes'],
                $floor['queries'],
                verdict($took < 1000),
            )
            : '',
    );
}
printf(
    "  what 40 lanes would become %.0f; in the background: figures %.0f, foresight %.0f\n",
    $floor['preview'],
    $floor['figures'],
    $floor['foresight'],
);

/**
 * @var array{milliseconds: float, few: float, before: float, after: float, bound: float, moves: int, solved: int,
 *     ours: int, best: int} $level
 */
$level = json_decode(run([PHP_BINARY, __DIR__ . '/levelling.php'], $environment), true, 4, JSON_THROW_ON_ERROR);
echo "\nLevelling, in one process\n";
printf(
    '  200 people, 2,000 tasks: 60,000 plans in %.0f ms (20,000 in %.0f); %.0f h late before, %.0f after %d moves, ' .
        "at least %.0f; aim: at most 2000: %s\n",
    $level['milliseconds'],
    $level['few'],
    $level['before'],
    $level['after'],
    $level['moves'],
    $level['bound'],
    verdict($level['milliseconds'] <= 2000),
);
printf(
    "  %d small houses: %d minutes late, the integer program %d; aim: within 2 %%: %s\n",
    $level['solved'],
    $level['ours'],
    $level['best'],
    verdict($level['solved'] > 10 && $level['ours'] <= 1.02 * $level['best']),
);
