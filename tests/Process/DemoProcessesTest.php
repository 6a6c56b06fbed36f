<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Process;

/** The shell functions of bin/lib, with a data folder of the test's own. */
function baton(string $data, string $script): string
{
    $root = base_path();
    $result = Process::timeout(60)->run([
        'bash',
        '-c',
        "set -euo pipefail; ROOT={$root}; DATA={$data}; source \$ROOT/bin/lib/say.sh; source " .
        "\$ROOT/bin/lib/processes.sh; {$script}",
    ]);
    expect($result->exitCode())->toBe(0, $result->errorOutput());

    return trim($result->output());
}

/** @return list<int> */
function idsOf(string $data): array
{
    return array_map(intval(...), array_filter(explode("\n", baton($data, 'processes_of web'))));
}

function answersOn(int $port): bool
{
    return @file_get_contents(
        "http://127.0.0.1:{$port}/",
        false,
        stream_context_create(['http' => ['timeout' => 1]]),
    ) === 'here';
}

beforeEach(function (): void {
    $this->folders = [];
    foreach (['one', 'other'] as $name) {
        $this->folders[$name] = $folder = sys_get_temp_dir() . '/baton-' . bin2hex(random_bytes(4));
        mkdir($folder);
        file_put_contents("{$folder}/index.php", 'here');
        $this->ports[$name] = $port = random_int(20_000, 30_000);
        baton(
            $folder,
            'export PHP_CLI_SERVER_WORKERS=3; start_process web $DATA/log $ROOT/bin/lib/keep.sh php -S ' .
                "127.0.0.1:{$port} -t \$DATA",
        );
        $this->waitUntil(static fn(): bool => answersOn($port) && count(idsOf($folder)) === 5);
    }
});

afterEach(function (): void {
    foreach ($this->folders as $folder) {
        baton($folder, 'stop_process web server');
        Process::run(['rm', '-rf', $folder]);
    }
});

it('serves again where its first process is killed, and nothing of the old ones holds the port', function (): void {
    $before = idsOf($this->folders['one']);
    $server = (int) trim(Process::run(['pgrep', '-P', (string) $before[0]])->output());
    posix_kill($server, SIGKILL);
    $this->waitUntil(
        fn(): bool => answersOn($this->ports['one']) &&
            count(idsOf($this->folders['one'])) === 5 &&
            array_intersect(idsOf($this->folders['one']), $before) === [$before[0]],
    );
    expect(answersOn($this->ports['other']))->toBeTrue();
});

it('is stopped whole, whichever of its processes has died, and nothing else is', function (bool $keeperDies): void {
    [$keeper] = idsOf($this->folders['one']);
    if ($keeperDies) {
        posix_kill($keeper, SIGKILL);
        $this->waitUntil(fn(): bool => count(idsOf($this->folders['one'])) === 4);
    }
    $others = idsOf($this->folders['other']);
    expect(baton($this->folders['one'], 'stop_process web "web server"'))->toBe('- Stopping the web server');
    expect(idsOf($this->folders['one']))->toBe([]);
    expect(answersOn($this->ports['one']))->toBeFalse();
    expect(idsOf($this->folders['other']))->toBe($others);
    expect(answersOn($this->ports['other']))->toBeTrue();
    expect(baton($this->folders['one'], 'stop_process web "web server"'))->toBe('');
})->with(['all are there' => false, 'the one that keeps it is gone' => true]);
