<?php

declare(strict_types=1);

/*
 * Puts small faults into the core, one at a time, and counts those that its
 * tests notice. Called by bin/baton mutate [how many] [part of a path] [seed].
 */

use OpenBaton\Core\Tests\Mutation\Mutants;
use Random\Engine\Mt19937;
use Random\Randomizer;

require dirname(__DIR__, 3).'/vendor/autoload.php';

const LANES = 2;
const SECONDS = 60.0;

/** @return list<array{string, int, string, string}> file, line, what was changed, code */
function mutants(string $part): array
{
    $source = dirname(__DIR__, 2).'/src';
    $all = [];
    $files = new RegexIterator(new RecursiveIteratorIterator(new RecursiveDirectoryIterator($source, FilesystemIterator::SKIP_DOTS)), '/\.php$/');
    $paths = array_map(strval(...), iterator_to_array($files, false));
    sort($paths);
    foreach ($paths as $path) {
        // Schemas are data; that they are current and fit the reader is tested with the application.
        if (($part === '' || str_contains($path, $part)) && ! str_contains($path, '/Schema/')) {
            foreach (Mutants::of((string) file_get_contents($path)) as [$line, $what, $code]) {
                $all[] = [substr($path, strlen($source) + 1), $line, $what, $code];
            }
        }
    }

    return $all;
}

/** @return array{resource, string} the running tests, and their mutated file */
function start(string $file, string $code): array
{
    $mutated = (string) tempnam(sys_get_temp_dir(), 'mutant');
    file_put_contents($mutated, $code);
    $class = 'OpenBaton\\Core\\'.str_replace(['/', '.php'], ['\\', ''], $file);
    $process = proc_open(
        [PHP_BINARY, '-d', 'pcov.enabled=0', '-d', 'opcache.enable_cli=0', 'vendor/bin/pest', '--testsuite=Core', '--filter=^(?!.*ArchTest)', '--bail', '--no-output', '--do-not-cache-result', '--bootstrap='.__DIR__.'/bootstrap.php'],
        [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']],
        $pipes,
        dirname(__DIR__, 3),
        ['MUTANT' => "{$class}={$mutated}", 'WORLDS' => '40'] + getenv(),
    );

    return [$process ?: throw new RuntimeException('Pest can\'t be started.'), $mutated];
}

$all = mutants($argv[2] ?? '');
if ($all === []) {
    echo "No small fault can be put into what was named.\n";
    exit(1);
}
$count = min((int) ($argv[1] ?? 300), count($all));
$keys = (array) (new Randomizer(new Mt19937((int) ($argv[3] ?? 7))))->pickArrayKeys($all, $count);
printf("%d small faults can be put into the core; %d of them are tried.\n", count($all), $count);
$running = $survivors = [];
$killed = 0;
while ($keys !== [] || $running !== []) {
    while ($keys !== [] && count($running) < LANES) {
        $mutant = $all[array_shift($keys)];
        $running[] = [...start($mutant[0], $mutant[3]), $mutant, microtime(true)];
    }
    usleep(20_000);
    foreach ($running as $lane => [$process, $mutated, $mutant, $since]) {
        $status = proc_get_status($process);
        $late = microtime(true) - $since > SECONDS;
        if ($status['running'] && ! $late) {
            continue;
        }
        if ($status['running']) {
            proc_terminate($process, SIGKILL);
        }
        unset($running[$lane]);
        unlink($mutated);
        // What never ends is noticed, too.
        if ($late || $status['exitcode'] !== 0) {
            ++$killed;
        } else {
            $survivors[] = "core/src/{$mutant[0]}:{$mutant[1]}  {$mutant[2]}";
        }
    }
}
sort($survivors);
echo implode("\n", $survivors), $survivors === [] ? '' : "\n";
printf("%d of %d were noticed: %.1f %%\n", $killed, $killed + count($survivors), 100 * $killed / max(1, $killed + count($survivors)));
