<?php

declare(strict_types=1);

// The part of run.php that is about the morning of many.

/** @var array<string, string> $environment of run.php */

echo "\nThe morning of 500 people with 50,000 open tasks, in one process, milliseconds\n";
/**
 * @var array{few: float, few_sent: int, all: float, all_sent: int, quiet: float, due: float, alerts: float} $morning
 */
$morning = json_decode(
    run([PHP_BINARY, '-d', 'memory_limit=1G', __DIR__ . '/morning.php'], $environment),
    true,
    4,
    JSON_THROW_ON_ERROR,
);
$times = $morning['all'] / $morning['few'];
printf(
    "  %d summaries %.0f, %d of them %.0f   %.1f times; aim: at most 12, and ten seconds: %s\n",
    $morning['few_sent'],
    $morning['few'],
    $morning['all_sent'],
    $morning['all'],
    $times,
    verdict($times <= 12 && $morning['all'] <= 10_000),
);
printf(
    "  a minute later %.0f, what is due and late %.0f, what leads are alerted to, in the background %.0f\n",
    $morning['quiet'],
    $morning['due'],
    $morning['alerts'],
);
