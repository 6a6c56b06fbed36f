<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;
use Symfony\Component\Process\Process;

/**
 * A server beside the tests, in a session of its own, apart from our output: its workers outlive it unless the whole
 * group is ended.
 */
final class Server
{
    private function __construct(private readonly Process $process, public readonly int $port) {}

    /** PHP's own, with four workers, on the application and a database. */
    public static function ofPages(int $port, string $database, string $user, string $password): self
    {
        return self::launch(
            $port,
            [PHP_BINARY, '-S', "127.0.0.1:{$port}", base_path('bin/lib/serve.php')],
            public_path(),
            [
                'PHP_INI_SCAN_DIR' => ':' . base_path('deploy/php'),
                'PHP_CLI_SERVER_WORKERS' => '4',
                'DB_PORT' => (string) config('database.connections.mariadb.port'),
                'DB_DATABASE' => $database,
                'DB_USERNAME' => $user,
                'DB_PASSWORD' => $password,
                'BATON_DATA' => self::data(),
                'CACHE_STORE' => 'apc',
                'SESSION_DRIVER' => 'database',
                'QUEUE_CONNECTION' => 'sync',
                'LOG_CHANNEL' => 'null',
                'APP_ENV' => 'testing',
                'APP_URL' => "http://127.0.0.1:{$port}",
            ],
        );
    }

    /**
     * @param list<string>          $command
     * @param array<string, string> $environment
     */
    public static function launch(int $port, array $command, string $folder, array $environment): self
    {
        $line = implode(' ', array_map(escapeshellarg(...), $command));
        $process = Process::fromShellCommandline(
            "exec setsid {$line} </dev/null >/dev/null 2>&1",
            $folder,
            $environment,
            timeout: null,
        );
        $process->start();

        return new self($process, $port);
    }

    public function await(): void
    {
        for ($try = 0; $try < 150; ++$try) {
            $socket = @stream_socket_client("tcp://127.0.0.1:{$this->port}", timeout: 1.0);
            if ($socket !== false) {
                fclose($socket);

                return;
            }
            usleep(100_000);
        }

        throw new RuntimeException("Nothing answers on port {$this->port}.");
    }

    public function stop(): void
    {
        $pid = $this->process->getPid();
        if ($pid !== null) {
            posix_kill(-$pid, SIGTERM);
        }
    }

    /** Where files of tasks are kept by the tests and by their servers. */
    public static function data(): string
    {
        return sys_get_temp_dir() . '/baton';
    }

    public static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('No port is free.');
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr($name, (int) strrpos($name, ':') + 1);
    }
}
