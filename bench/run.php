<?php

declare(strict_types=1);

/*
 * Speed, as ratios within one run. Called by bin/baton bench, which has
 * started the database.
 */

// Short turns: what else the machine does weighs on all alike, and tasks do not pile up as they would where nobody does
// them.
const ROUNDS = 25;
const ROUNDS_AT_LEAST = 9;
const ROUNDS_AT_MOST = 50;
const SECONDS = 1;

// A round in which others have taken more of the processors' time than this (of a virtual machine, in /proc/stat) says
// more of them than of us.
const STOLEN_AT_MOST = 0.05;

require __DIR__ . '/measure.php';

require __DIR__ . '/run_core.php';

echo "\nPOST /api/v1/tasks, routed and committed, against three small rows committed behind the same server\n";
$environment = [
    'DB_DATABASE' => 'openbaton_bench',
    'CACHE_STORE' => 'apc',
    'APP_ENV' => 'production',
    'APP_DEBUG' => 'false',
    'BATON_BENCH' => '1',
    'BATON_THROTTLE_API' => '100000000',
    'LOG_CHANNEL' => 'null',
    'PHP_CLI_SERVER_WORKERS' => '4',
];
$token = run([PHP_BINARY, __DIR__ . '/prepare.php'], $environment);
$socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('No port is free.');
$port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
fclose($socket);
$server = proc_open(
    [
        'setsid',
        PHP_BINARY,
        '-d',
        'opcache.validate_timestamps=0',
        '-S',
        "127.0.0.1:{$port}",
        dirname(__DIR__) . '/bin/lib/serve.php',
    ],
    [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']],
    $pipes,
    dirname(__DIR__) . '/public',
    $environment + getenv(),
);
if ($server === false) {
    throw new RuntimeException('The server can\'t be started.');
}
register_shutdown_function(static function () use ($server): void {
    posix_kill(-proc_get_status($server)['pid'], SIGTERM);
});
// Whoever stops the benchmark stops its server with it.
pcntl_async_signals(true);
foreach ([SIGINT, SIGTERM] as $signal) {
    pcntl_signal($signal, static fn(): never => exit(1));
}
for ($try = 0; $try < 100 && @fsockopen('127.0.0.1', $port) === false; ++$try) {
    usleep(100_000);
}

$quiet = $disturbed = [];
$base = "http://127.0.0.1:{$port}";
for ($round = 0; $round <= ROUNDS_AT_MOST && count($quiet) < ROUNDS; ++$round) {
    $post = ['BENCH_TOKEN' => $token, 'BENCH_RUN' => 'run' . getmypid() . "-{$round}"];
    [$stolen, $all] = stolen();
    $rates = [
        rate("{$base}/api/v1/bench/bare", ['-s', __DIR__ . '/bare.lua'], $post),
        rate("{$base}/api/v1/bench/known", ['-s', __DIR__ . '/bare.lua'], $post),
        rate($base, ['-s', __DIR__ . '/post.lua'], $post),
    ];
    [$stolenSince, $allSince] = stolen();
    [$tasks, $decisions] = explode(' ', run([PHP_BINARY, __DIR__ . '/prepare.php', 'settle'], $environment));
    if ($tasks !== $decisions) {
        throw new RuntimeException("{$tasks} tasks and {$decisions} decisions: something was lost.");
    }
    // The first round warms up; one in which the machine stood still says nothing.
    if ($round > 0 && min($rates) > 0.0) {
        if ($stolenSince - $stolen <= STOLEN_AT_MOST * ($allSince - $all)) {
            $quiet[] = $rates;
        } else {
            $disturbed[] = $rates;
        }
    }
}
$rounds = count($quiet) < ROUNDS_AT_LEAST ? [...$quiet, ...$disturbed] : $quiet;
if ($rounds === []) {
    throw new RuntimeException('The machine stood still in every round; try again in a quieter moment.');
}
/** @var non-empty-list<array{float, float, float}> $rounds */
[$bare, $known, $routed] = array_map(static fn(int $which): array => array_column($rounds, $which), [0, 1, 2]);
/** @var non-empty-list<float> $bare */
/** @var non-empty-list<float> $known */
/** @var non-empty-list<float> $routed */
printf("  three small rows, a second             %8.1f\n", median($bare));
printf("  the same behind a token and its throttle  %6.1f\n", median($known));
printf(
    "  tasks routed and committed, a second   %8.1f   %.2f of it; aim: at least 0.40: %s\n",
    median($routed),
    ratio($routed, $bare),
    verdict(ratio($routed, $bare) >= 0.4),
);
printf("  against the same behind a token           %6.2f of it\n", ratio($routed, $known));
printf(
    "  %d rounds%s\n",
    count($rounds),
    match (true) {
        $disturbed === [] => '',
        $rounds === $quiet => sprintf(
            '; %d more were disturbed by other machines and are not counted',
            count($disturbed),
        ),
        default => sprintf(
            ', of which %d were disturbed by other machines: what an undisturbed machine does can\'t be told here',
            count($disturbed),
        ),
    },
);

echo "\nA chain of five decisions committed, against five changes with one each, milliseconds\n";
/** @var array{chain: float, singles: float} $chains */
$chains = json_decode(run([PHP_BINARY, __DIR__ . '/chain.php'], $environment), true, 4, JSON_THROW_ON_ERROR);
printf(
    "  the chain %.1f, the five %.1f   %.2f of it; aim: at most 0.8: %s\n",
    $chains['chain'],
    $chains['singles'],
    $chains['chain'] / $chains['singles'],
    verdict($chains['chain'] / $chains['singles'] <= 0.8),
);

echo "\nThe rulebook, the whole request in one process, milliseconds\n";
/** @var array<string, float> $pages */
$pages = json_decode(
    run([PHP_BINARY, '-d', 'memory_limit=1G', __DIR__ . '/rulebook.php'], $environment),
    true,
    8,
    JSON_THROW_ON_ERROR,
);
foreach (['page' => 'its page', 'coverage' => 'what rules take', 'save' => 'saving the draft'] as $code => $what) {
    $times = $pages["{$code}_50000"] / $pages["{$code}_500"];
    printf(
        "  %-20s with 500 decisions %7.1f, with 50,000 %7.1f   %.2f times; aim: at most 2: %s\n",
        $what,
        $pages["{$code}_500"],
        $pages["{$code}_50000"],
        $times,
        verdict($times <= 2),
    );
}
printf(
    "  with 2,000 rules: its page %.1f, saving the draft %.1f; aim: saving under 200: %s\n",
    $pages['page_2000_rules'],
    $pages['save_2000_rules'],
    verdict($pages['save_2000_rules'] < 200),
);
printf(
    "  50,000 decisions held against the rules in the background: %.0f; memory at most %d MB\n",
    $pages['worked_out_50000'],
    $pages['memory'],
);

echo "\nA tick of the clock over 50,000 open tasks, milliseconds\n";
/** @var array<string, float> $ticks */
$ticks = json_decode(
    run([PHP_BINARY, '-d', 'memory_limit=1G', __DIR__ . '/tick.php'], $environment),
    true,
    4,
    JSON_THROW_ON_ERROR,
);
foreach (['idle' => 'where nothing is due', 'busy' => 'where 10 dates are reached'] as $code => $what) {
    $times = $ticks["{$code}_1000"] / $ticks["{$code}_50"];
    printf(
        "  %-28s with 50 rules on dates %7.1f, with 1,000 %7.1f   %.2f times; aim: at most 1.5: %s\n",
        $what,
        $ticks["{$code}_50"],
        $ticks["{$code}_1000"],
        $times,
        verdict($times <= 1.5),
    );
}
printf(
    "  all tasks gone over in the background after publishing: %.0f, and %.0f\n",
    $ticks['hung_50'],
    $ticks['hung_1000'],
);

require __DIR__ . '/run_lists.php';

require __DIR__ . '/run_cases.php';
require __DIR__ . '/run_sweeps.php';
require __DIR__ . '/run_messages.php';
require __DIR__ . '/run_morning.php';
require __DIR__ . '/run_workload.php';
require __DIR__ . '/run_flow.php';

echo "\nSomebody goes: the whole request in one process, milliseconds\n";
/** @var array<string, float> $cover */
$cover = json_decode(
    run([PHP_BINARY, '-d', 'memory_limit=1G', __DIR__ . '/cover.php'], $environment),
    true,
    4,
    JSON_THROW_ON_ERROR,
);
$times = $cover['plan_500'] / $cover['plan_50'];
printf(
    "  the cover plan of 50 tasks %.1f, of 500 %.1f   %.1f times; aim: at most 10, and a second: %s\n",
    $cover['plan_50'],
    $cover['plan_500'],
    $times,
    verdict($times <= 10 && $cover['plan_500'] <= 1000),
);
printf(
    "  approved, with %d tasks that pass at once, in one transaction: %.0f\n",
    $cover['handed_over'],
    $cover['hand_over_500'],
);
printf(
    "  absences over 12 weeks, of the demo house %.1f, of 500 people %.1f; aim: at most a second: %s\n",
    $cover['absences_demo'],
    $cover['absences_500'],
    verdict($cover['absences_500'] <= 1000),
);
