<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PDO;
use PDOException;
use RuntimeException;
use Symfony\Component\Process\Process;

/**
 * A database server and a web server of a test's own, to be killed, filled and cut off; the web server is started once.
 */
final class OwnServers
{
    private const DATABASE = 'openbaton_faults';

    private ?Process $database = null;

    private ?Server $web = null;

    private int $megabytes = 512;

    private static ?self $running = null;

    /** @var array<array-key, mixed> how to reach the database */
    private static array $connection = [];

    public string $token = '';

    /** A process that was forked from this one can't ask for it. */
    private int $databaseId = 0;

    private function __construct(
        private readonly string $folder,
        private readonly int $databasePort,
        public readonly int $webPort,
    ) {}

    /** The same for all tests of a run, with the small house in it and a token of its lead. */
    public static function running(): self
    {
        if (self::$running === null) {
            self::$running = self::start();
            register_shutdown_function(self::$running->stop(...));
        }
        config(['database.connections.mariadb' => self::$connection]);
        DB::purge();

        return self::$running;
    }

    private static function start(): self
    {
        $folder = sys_get_temp_dir() . '/baton-' . bin2hex(random_bytes(4));
        mkdir($folder);
        (new Process([
            'mariadb-install-db',
            '--no-defaults',
            "--datadir={$folder}/data",
            '--auth-root-authentication-method=normal',
            '--skip-test-db',
            ...self::user(),
            ...self::small(512),
        ]))->mustRun();
        $servers = new self($folder, Server::freePort(), Server::freePort());
        $servers->startDatabase();
        $servers
            ->pdo()
            ->exec('CREATE DATABASE ' . self::DATABASE . ' CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci');
        config([
            'database.connections.mariadb' =>
                [
                    'port' => $servers->databasePort,
                    'database' => self::DATABASE,
                    'username' => 'root',
                    'password' => '',
                ] + config()->array('database.connections.mariadb'),
        ]);
        self::$connection = config()->array('database.connections.mariadb');
        DB::purge();
        Artisan::call('migrate:fresh');
        House::open();
        House::publish(House::roundRule());
        $servers->token = House::user('hanneke')->createToken('t', ['tasks:create', 'tasks:read'])->plainTextToken;
        $servers->web = Server::ofPages($servers->webPort, self::DATABASE, 'root', '');
        $servers->web->await();

        return $servers;
    }

    /** A connection beside the application's. */
    public function pdo(): PDO
    {
        return new PDO("mysql:host=127.0.0.1;port={$this->databasePort}", 'root', '', [
            PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION,
        ]);
    }

    private function startDatabase(): void
    {
        $this->database = new Process([
            'mariadbd',
            '--no-defaults',
            "--datadir={$this->folder}/data",
            "--socket={$this->folder}/s",
            '--bind-address=127.0.0.1',
            "--port={$this->databasePort}",
            "--pid-file={$this->folder}/pid",
            '--skip-log-bin',
            '--innodb-lock-wait-timeout=1',
            '--innodb-flush-log-at-trx-commit=2',
            ...self::user(),
            ...self::small($this->megabytes),
        ]);
        $this->database->disableOutput()->setTimeout(null)->start();
        $this->databaseId = (int) $this->database->getPid();
        for ($try = 0; $try < 200; ++$try) {
            try {
                $this->pdo();

                return;
            } catch (PDOException) {
                usleep(100_000);
            }
        }
        throw new RuntimeException('The database server of the test does not start.');
    }

    public function killDatabase(): void
    {
        posix_kill($this->databaseId, SIGKILL);
    }

    /** Once it has been killed, by whomever. */
    public function startDatabaseAgain(): void
    {
        while ($this->database?->isRunning() === true) {
            usleep(10_000);
        }
        // The connection of this process went with it.
        DB::purge();
        $this->startDatabase();
    }

    /** From now on its tables have so much room, as on a disk of that size. */
    public function limitTo(int $megabytes): void
    {
        $this->megabytes = $megabytes;
        posix_kill($this->databaseId, SIGTERM);
        $this->startDatabaseAgain();
    }

    /** @return int megabytes that its tables take up */
    public function size(): int
    {
        clearstatcache();

        return intdiv((int) filesize("{$this->folder}/data/ibdata1"), 1 << 20);
    }

    /** Ends the connections of the application, as a network does that breaks. */
    public function cutConnections(): int
    {
        $pdo = $this->pdo();
        $cut = 0;
        foreach (
            $pdo
                ->query("SELECT id FROM information_schema.processlist WHERE db = '" . self::DATABASE . "'")
                ?->fetchAll(PDO::FETCH_COLUMN) ?:
            []
            as $id
        ) {
            try {
                $pdo->exec('KILL CONNECTION ' . (int) $id);
                ++$cut;
            } catch (PDOException) {
                // It has gone by itself.
            }
        }

        return $cut;
    }

    public function stop(): void
    {
        $this->web?->stop();
        $this->killDatabase();
        (new Process(['rm', '-rf', $this->folder]))->run();
    }

    /** @return list<string> all tables in one file, which grows a megabyte at a time */
    private static function small(int $megabytes): array
    {
        return [
            '--innodb-file-per-table=0',
            "--innodb-data-file-path=ibdata1:16M:autoextend:max:{$megabytes}M",
            '--innodb-log-file-size=16M',
            '--innodb-buffer-pool-size=32M',
            '--innodb-autoextend-increment=1',
        ];
    }

    /** @return list<string> */
    private static function user(): array
    {
        return posix_geteuid() === 0 ? ['--user=root'] : [];
    }
}
