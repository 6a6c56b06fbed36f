<?php

declare(strict_types=1);

namespace Tests\Support;

use Database\Seeders\DemoSeeder;
use Illuminate\Contracts\Foundation\Application;

/**
 * What browser tests use: the demo house on a database of its own, and a web server. Started once, and again where a
 * test ended it; stopped at the end.
 */
final class DemoServer
{
    private const WEEKS = 1;

    private const REQUESTS_A_DAY = 6;

    private static ?self $running = null;

    private function __construct(public readonly string $url, private readonly Server $web) {}

    public static function start(Application $app): self
    {
        $database = OwnDatabase::use('browser');
        if (self::$running !== null) {
            return self::$running;
        }
        OwnDatabase::clear('browser');
        DemoRows::putInto(
            $database,
            static fn() => $app->make(DemoSeeder::class)->run(self::WEEKS, self::REQUESTS_A_DAY),
        );

        // As in the demo: what the application needs beyond rows is missing here too.
        $web = Server::ofPages(Server::freePort(), $database, 'openbaton', (string) getenv('BATON_DB_PASSWORD'));
        $web->await();
        $server = new self("http://127.0.0.1:{$web->port}", $web);
        register_shutdown_function($server->stop(...));

        return self::$running = $server;
    }

    /** The house as it is now is not for other tests: the next one gets a new one. */
    public static function end(): void
    {
        self::$running?->stop();
        self::$running = null;
    }

    private function stop(): void
    {
        $this->web->stop();
    }
}
