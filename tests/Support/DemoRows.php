<?php

declare(strict_types=1);

namespace Tests\Support;

use Closure;
use Illuminate\Support\Facades\ParallelTesting;
use Symfony\Component\Process\Process;

/**
 * The rows of the demo house, made once by the first of the processes that tests run in, and copied by the others; a
 * run of one process makes its own.
 */
final class DemoRows
{
    /** Seconds: what the demo says of today is made for the time at which it begins. */
    private const FRESH = 1_200;

    /** @param Closure(): mixed $make fills the database that this process works on, which has all tables and no rows */
    public static function putInto(string $database, Closure $make): void
    {
        if (ParallelTesting::token() === false) {
            $make();

            return;
        }
        $copy = sys_get_temp_dir() . '/demo-rows.sql';
        $lock = fopen("{$copy}.lock", 'c');
        flock($lock, LOCK_EX);
        if (is_file($copy) && filemtime($copy) > time() - self::FRESH) {
            self::run(['mariadb', $database], null, $copy);
        } else {
            $make();
            self::run(
                [
                    'mariadb-dump',
                    '--no-create-info',
                    '--skip-triggers',
                    '--single-transaction',
                    "--ignore-table={$database}.migrations",
                    $database,
                ],
                $copy,
            );
        }
        flock($lock, LOCK_UN);
    }

    /** @param non-empty-list<string> $command a client of the database, with what it is to do */
    private static function run(array $command, ?string $into, ?string $from = null): void
    {
        $server = config()->array('database.connections.mariadb');
        $line = implode(
            ' ',
            array_map(escapeshellarg(...), [
                $command[0],
                "--host={$server['host']}",
                "--port={$server['port']}",
                "--user={$server['username']}",
                ...array_slice($command, 1),
            ]),
        );
        Process::fromShellCommandline(
            $line .
                ($into === null ? '' : ' > ' . escapeshellarg($into)) .
                ($from === null ? '' : ' < ' . escapeshellarg($from)),
            env: ['MYSQL_PWD' => (string) $server['password']],
            timeout: 120,
        )->mustRun();
    }
}
