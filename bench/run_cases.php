<?php

declare(strict_types=1);

// The part of run.php that is about cases.

/** @var array<string, string> $environment of run.php */

echo "\nCases, 100,000 of them and 500 tasks in one, the whole request in one process, milliseconds\n";
/** @var array{few: array<string, float>, many: array<string, float>} $cases */
$cases = json_decode(
    run([PHP_BINARY, '-d', 'memory_limit=1G', __DIR__ . '/cases.php'], $environment),
    true,
    8,
    JSON_THROW_ON_ERROR,
);
foreach ($cases['many'] as $what => $many) {
    printf(
        "  %-28s of the demo house %7.1f, with all that %7.1f   aim: under 300: %s\n",
        $what,
        $cases['few'][$what],
        $many,
        verdict($many < 300),
    );
}
