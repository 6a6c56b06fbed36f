<?php

declare(strict_types=1);

/*
 * Puts small faults into the core, one at a time, and counts those that its
 * tests notice. Called by bin/baton mutate [how many] [part of a path] [seed].
 */

use OpenBaton\Core\Tests\Mutation\Coverage;
use OpenBaton\Core\Tests\Mutation\Mutants;
use Random\Engine\Mt19937;
use Random\Randomizer;

require dirname(__DIR__, 3) . '/vendor/autoload.php';

const LANES = 2;
const SECONDS = 60.0;

/** @return list<array{string, int, string, string}> file, line, what was changed, code */
function mutants(string $part): array
{
    $source = dirname(__DIR__, 2) . '/src';
    $all = [];
    $files = new RegexIterator(
        new RecursiveIteratorIterator(new RecursiveDirectoryIterator($source, FilesystemIterator::SKIP_DOTS)),
        '/\.php$/',
    );
    $paths = array_map(strval(...), iterator_to_array($files, false));
    sort($paths);
    foreach ($paths as $path) {
        // Schemas are data; that they are current and fit the reader is tested with the application.
        if (($part === '' || str_contains($path, $part)) && !str_contains($path, '/Schema/')) {
            foreach (Mutants::of((string) file_get_contents($path)) as [$line, $what, $code]) {
                $all[] = [substr($path, strlen($source) + 1), $line, $what, $code];
            }
        }
    }

    return $all;
}

/** @return string the file with the fault in it, and the class that it stands for: what the bootstrap reads */
function mutated(string $file, string $code): string
{
    $mutated = (string) tempnam(sys_get_temp_dir(), 'mutant');
    file_put_contents($mutated, $code);

    return 'OpenBaton\\Core\\' . str_replace(['/', '.php'], ['\\', ''], $file) . "={$mutated}";
}

/**
 * @param string       $mutant as mutated() gives it; none: the code as it is
 * @param list<string> $tests  which tests, as arguments of Pest
 * @param list<string> $settings of PHP
 *
 * @return resource the running tests
 */
function start(string $mutant, array $tests, array $settings = ['pcov.enabled=0', 'opcache.enable_cli=0']): mixed
{
    $process = proc_open(
        [
            PHP_BINARY,
            ...array_merge(...array_map(static fn(string $one): array => ['-d', $one], $settings)),
            'vendor/bin/pest',
            ...$tests,
            '--bail',
            '--no-output',
            '--do-not-cache-result',
            '--bootstrap=' . __DIR__ . '/bootstrap.php',
        ],
        [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']],
        $pipes,
        dirname(__DIR__, 3),
        ($mutant === '' ? [] : ['MUTANT' => $mutant]) + ['WORLDS' => '40'] + getenv(),
    );

    return $process ?: throw new RuntimeException('Pest can\'t be started.');
}

/** Runs all tests as the code is, since faults are noticed by tests that fail, and learns which of them run what. */
function learn(): Coverage
{
    $source = dirname(__DIR__, 2) . '/src';
    $report = (string) tempnam(sys_get_temp_dir(), 'coverage');
    $sound = start(
        '',
        ['--testsuite=Core', '--filter=^(?!.*ArchTest)', "--coverage-php={$report}", "--coverage-filter={$source}"],
        ['memory_limit=3G', 'pcov.enabled=1', "pcov.directory={$source}"],
    );
    do {
        usleep(20_000);
        $status = proc_get_status($sound);
    } while ($status['running']);
    if ($status['exitcode'] !== 0) {
        echo "The tests of the core fail without any fault: see WORLDS=40 vendor/bin/pest --testsuite=Core\n";
        exit(1);
    }
    $coverage = Coverage::of($report, $source);
    unlink($report);

    return $coverage;
}

/**
 * The tests that run a line: first those that are about its folder, which most likely notice it, then all others.
 *
 * @return non-empty-list<list<string>>
 */
function stages(Coverage $coverage, string $file, int $line): array
{
    $tests = $coverage->testsOf($file, $line);
    $near = array_filter(
        $tests,
        static fn(string $one): bool => str_starts_with($one, 'core/tests/' . strtok($file, '/') . '/'),
    );
    $stages = array_values(array_filter([array_values($near), array_values(array_diff($tests, $near))]));

    return $stages === [] ? [[]] : $stages;
}

$all = mutants($argv[2] ?? '');
if ($all === []) {
    echo "No small fault can be put into what was named.\n";
    exit(1);
}
ini_set('memory_limit', '3G');
$coverage = learn();
$count = min((int) ($argv[1] ?? 300), count($all));
$keys = (array) (new Randomizer(new Mt19937((int) ($argv[3] ?? 7))))->pickArrayKeys($all, $count);
printf("%d small faults can be put into the core; %d of them are tried.\n", count($all), $count);
$running = [];
$killed = $survived = 0;
while ($keys !== [] || $running !== []) {
    while ($keys !== [] && count($running) < LANES) {
        [$file, $line, $what, $code] = $all[array_shift($keys)];
        $mutant = mutated($file, $code);
        $stages = stages($coverage, $file, $line);
        $fault = "core/src/{$file}:{$line}  {$what}";
        if ($stages === [[]]) {
            unlink(explode('=', $mutant, 2)[1]);
            ++$survived;
            echo "{$fault}  (no test runs it)\n";
            continue;
        }
        $running[] = [start($mutant, array_shift($stages)), $mutant, $stages, $fault, microtime(true)];
    }
    usleep(10_000);
    foreach ($running as $lane => [$process, $mutant, $stages, $fault, $since]) {
        $status = proc_get_status($process);
        $late = microtime(true) - $since > SECONDS;
        if ($status['running'] && !$late) {
            continue;
        }
        if ($status['running']) {
            proc_terminate($process, SIGKILL);
        }
        // What never ends is noticed, too.
        $noticed = $late || $status['exitcode'] !== 0;
        if (!$noticed && $stages !== []) {
            $running[$lane] = [start($mutant, array_shift($stages)), $mutant, $stages, $fault, microtime(true)];
            continue;
        }
        unset($running[$lane]);
        unlink(explode('=', $mutant, 2)[1]);
        if ($noticed) {
            ++$killed;
        } else {
            ++$survived;
            echo "{$fault}\n";
        }
    }
}
printf("%d of %d were noticed: %.1f %%\n", $killed, $killed + $survived, (100 * $killed) / max(1, $killed + $survived));
