<?php

declare(strict_types=1);

namespace Tests;

use Closure;
use Symfony\Component\Process\Process;
use Tests\Support\House;
use Tests\Support\OwnDatabase;

/** Tests in which several processes work on one database, which is the tests' own and really committed to. */
abstract class ProcessTestCase extends TestCase
{
    /** Seconds. */
    private const PATIENCE = 60.0;

    private string $database;

    protected function setUp(): void
    {
        parent::setUp();
        $this->database = OwnDatabase::clear('process');
        House::open();
        House::publish(House::roundRule());
    }

    /** A process that routes so many tasks, one after the other; with a key, as the requests of one system. */
    protected function worker(int $tasks, ?string $key = null): Process
    {
        return $this->launch(__DIR__ . '/Support/route_worker.php', (string) $tasks, ...$key === null ? [] : [$key]);
    }

    /** A process of PHP on the tests' own database, with the queue in it. */
    protected function launch(string ...$command): Process
    {
        $process = new Process(
            [PHP_BINARY, ...self::compiled(), ...array_values($command)],
            base_path(),
            [
                'DB_DATABASE' => $this->database,
                'DB_PORT' => config('database.connections.mariadb.port'),
                'CACHE_STORE' => 'array',
                'QUEUE_CONNECTION' => 'database',
                'APP_ENV' => 'testing',
                'APP_KEY' => config('app.key'),
            ],
            timeout: 240,
        );
        $process->start();

        return $process;
    }

    /**
     * Code that one process has compiled is there for the next: most of them live for less time than that takes. (What
     * is compiled further while it runs can't be kept.)
     *
     * @return list<string> settings of PHP
     */
    private static function compiled(): array
    {
        $folder = sys_get_temp_dir() . '/compiled';
        is_dir($folder) || mkdir($folder);

        return ['-d', 'pcov.enabled=0', '-d', 'opcache.jit_buffer_size=0', '-d', "opcache.file_cache={$folder}"];
    }

    /** @param Closure(): bool $holds */
    protected function waitUntil(Closure $holds): void
    {
        $end = microtime(true) + self::PATIENCE;
        while (!$holds()) {
            microtime(true) < $end || $this->fail('What was waited for has not come about.');
            usleep(20_000);
        }
    }
}
