<?php

declare(strict_types=1);

// The part of run.php that is about lists, choosers and tables.

/** @var array<string, string> $environment of run.php */

echo "\nLists with 20,000 customers, 5,000 places, 50,000 open tasks, the whole request in one process, milliseconds\n";
/**
 * @var array{few: array<string, float>, many: array<string, float>, last_page: float, tasks_500: float,
 *     tasks_5000: float, customers_500: float, customers_5000: float, brought_in: float} $lists
 */
$lists = json_decode(
    run([PHP_BINARY, '-d', 'memory_limit=1G', __DIR__ . '/lists.php'], $environment),
    true,
    8,
    JSON_THROW_ON_ERROR,
);
foreach ($lists['many'] as $what => $many) {
    printf(
        "  %-28s of the demo house %7.1f, with all that %7.1f   aim: under 300: %s\n",
        $what,
        $lists['few'][$what],
        $many,
        verdict($many < 300),
    );
}
printf("  the last page of tasks %.1f   aim: under 300: %s\n", $lists['last_page'], verdict($lists['last_page'] < 300));
foreach (['tasks', 'customers'] as $what) {
    $times = $lists["{$what}_5000"] / $lists["{$what}_500"];
    printf(
        "  a table of %-9s looked at: 500 lines %6.0f, 5,000 %6.0f   %.1f times; aim: at most 12: %s\n",
        $what,
        $lists["{$what}_500"],
        $lists["{$what}_5000"],
        $times,
        verdict($times <= 12),
    );
}
printf("  customers of a table brought in, a second: %.0f\n", $lists['brought_in']);
