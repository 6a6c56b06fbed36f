<?php

declare(strict_types=1);

// The part of run.php that is about the core alone.

echo "The core alone, one core, JIT, processor time; 200 people, about 8 open tasks each\n";
/**
 * @var array{rules_200: int, rules_2000: int, traced_200: int, traced_2000: int, of_tasks: int, mixed: int, bytes: int}
 *     $core
 */
$core = json_decode(run([PHP_BINARY, __DIR__ . '/core.php']), true, 8, JSON_THROW_ON_ERROR);
printf(
    "  decisions a second with 200 rules      %8d   aim: at least 10,000: %s\n",
    $core['rules_200'],
    verdict($core['rules_200'] >= 10_000),
);
printf(
    "  with what is kept of each written      %8d   %.2f of it; aim: at least 0.50: %s\n",
    $core['traced_200'],
    $core['traced_200'] / $core['rules_200'],
    verdict($core['traced_200'] / $core['rules_200'] >= 0.5),
);
printf(
    "  the same with 2,000 rules              %8d   2,000 rules cost %.2f times 200; aim: at most 1.5: %s\n",
    $core['traced_2000'],
    $core['traced_200'] / $core['traced_2000'],
    verdict($core['traced_200'] / $core['traced_2000'] <= 1.5),
);
printf(
    "  1,000 rules, and 1,000 of cases beside %8d   %.2f times the cost of the first alone; aim: at most 1.1: %s\n",
    $core['mixed'],
    $core['of_tasks'] / $core['mixed'],
    verdict($core['of_tasks'] / $core['mixed'] <= 1.1),
);
printf(
    "  bytes kept of a decision, 200 rules    %8d   aim: at most 6,000: %s\n",
    $core['bytes'],
    verdict($core['bytes'] <= 6000),
);

/** @var array{compile: float, check: float} $check */
$check = json_decode(run([PHP_BINARY, __DIR__ . '/check.php']), true, 8, JSON_THROW_ON_ERROR);
printf(
    "  2,000 rules read and compiled          %8.2f s\n" .
        "  2,000 rules looked at by all checks    %8.2f s   aim: at most 1: %s\n",
    $check['compile'],
    $check['check'],
    verdict($check['check'] <= 1),
);

/** @var array{settle_20: float, settle_200: float, times_400: float, duties_5000: float} $flow */
$flow = json_decode(run([PHP_BINARY, __DIR__ . '/flow.php']), true, 8, JSON_THROW_ON_ERROR);
printf(
    "  a step settled, run of 200 steps       %8.3f ms  %.1f times that of 20; aim: at most 10: %s\n" .
        "  times and critical path of 400 steps   %8.1f ms  aim: at most 20: %s\n" .
        "  5,000 duties looked at in one tick     %8.0f ms  aim: at most 15,000: %s\n",
    $flow['settle_200'],
    $flow['settle_200'] / $flow['settle_20'],
    verdict($flow['settle_200'] / $flow['settle_20'] <= 10),
    $flow['times_400'],
    verdict($flow['times_400'] <= 20),
    $flow['duties_5000'],
    verdict($flow['duties_5000'] <= 15_000),
);
