<?php

declare(strict_types=1);

// What the benchmark measures with.

/**
 * @param list<string>          $command
 * @param array<string, string> $environment
 */
function run(array $command, array $environment = []): string
{
    $process = proc_open(
        $command,
        [1 => ['pipe', 'w'], 2 => STDERR],
        $pipes,
        dirname(__DIR__),
        $environment + getenv(),
    );
    if ($process === false) {
        throw new RuntimeException('Can\'t start ' . implode(' ', $command));
    }
    $output = (string) stream_get_contents($pipes[1]);
    if (proc_close($process) !== 0) {
        throw new RuntimeException(implode(' ', $command) . ' failed.');
    }

    return trim($output);
}

/**
 * @param list<string>          $more        options of wrk
 * @param array<string, string> $environment
 */
function rate(string $url, array $more, array $environment): float
{
    $output = run(['wrk', '-t2', '-c4', '-d' . SECONDS . 's', ...$more, $url], $environment);
    if (preg_match('/Requests\/sec:\s+([\d.]+)/', $output, $found) !== 1 || str_contains($output, 'Non-2xx')) {
        throw new RuntimeException("The server did not answer as it should:\n{$output}");
    }

    return (float) $found[1];
}

/**
 * @return array{float, float} processor time taken by others and all that has passed, since the machine started; zeros
 *     where it is not known
 */
function stolen(): array
{
    $ticks =
        preg_match('/^cpu +(.+)$/m', (string) @file_get_contents('/proc/stat'), $line) === 1
            ? array_map(floatval(...), explode(' ', $line[1]))
            : [];

    // user, nice, system, idle, iowait, irq, softirq, steal
    return [$ticks[7] ?? 0.0, array_sum(array_slice($ticks, 0, 8))];
}

/** @param non-empty-list<float> $of */
function median(array $of): float
{
    sort($of);

    return $of[intdiv(count($of), 2)];
}

/**
 * The median of the ratios of each round.
 *
 * @param non-empty-list<float> $one
 * @param non-empty-list<float> $other as long
 */
function ratio(array $one, array $other): float
{
    return median(array_map(static fn(float $a, float $b): float => $a / $b, $one, $other));
}

function verdict(bool $held): string
{
    return $held ? 'holds' : 'MISSED';
}
