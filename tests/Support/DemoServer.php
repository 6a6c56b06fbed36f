<?php

declare(strict_types=1);

namespace Tests\Support;

use Database\Seeders\DemoSeeder;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use Symfony\Component\Process\Process;

/** What browser tests use: the demo house on a database of its own, a web server, a driver. Started once, and again where a test ended it; stopped at the end. */
final class DemoServer
{
    private const DATABASE = 'openbaton_browser';

    private const WEEKS = 1;

    private static ?self $running = null;

    /** @var list<Process> */
    private array $processes = [];

    private function __construct(public readonly string $url, private readonly string $driverUrl) {}

    public static function start(Application $app): self
    {
        config(['database.connections.mariadb.database' => self::DATABASE]);
        DB::purge();
        if (self::$running !== null) {
            return self::$running;
        }
        Artisan::call('migrate:fresh');
        $app->make(DemoSeeder::class)->run(self::WEEKS);

        $web = self::freePort();
        $driver = self::freePort();
        $server = new self("http://127.0.0.1:{$web}", "http://127.0.0.1:{$driver}");
        $server->launch([PHP_BINARY, '-S', "127.0.0.1:{$web}", base_path('vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php')], public_path(), [
            'PHP_INI_SCAN_DIR' => ':'.base_path('deploy/php'),
            'PHP_CLI_SERVER_WORKERS' => '4',
            'DB_DATABASE' => self::DATABASE,
            // As in the demo: what the application needs beyond rows is missing here too.
            'DB_USERNAME' => 'openbaton',
            'DB_PASSWORD' => (string) getenv('BATON_DB_PASSWORD'),
            'CACHE_STORE' => 'apc',
            'SESSION_DRIVER' => 'database',
            'QUEUE_CONNECTION' => 'sync',
            'LOG_CHANNEL' => 'single',
            'APP_ENV' => 'testing',
            'APP_URL' => $server->url,
        ]);
        $server->launch(['chromedriver', "--port={$driver}", '--allowed-ips=127.0.0.1'], base_path(), []);
        $server->await($web);
        $server->await($driver);
        register_shutdown_function($server->stop(...));

        return self::$running = $server;
    }

    public function browser(): RemoteWebDriver
    {
        $options = new ChromeOptions();
        $options->setBinary('/usr/bin/chromium');
        $options->addArguments([
            '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking',
            '--disable-component-update', '--disable-sync', '--disable-dev-shm-usage', '--user-data-dir='.sys_get_temp_dir().'/baton-browser-'.bin2hex(random_bytes(4)),
        ]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $browser = RemoteWebDriver::create($this->driverUrl, $capabilities, 20_000, 60_000);
        (new ChromeDevToolsDriver($browser))->execute('Emulation.setDeviceMetricsOverride', ['width' => 1280, 'height' => 800, 'deviceScaleFactor' => 1, 'mobile' => false]);

        return $browser;
    }

    /** The house as it is now is not for other tests: the next one gets a new one. */
    public static function end(): void
    {
        self::$running?->stop();
        self::$running = null;
    }

    private function stop(): void
    {
        foreach ($this->processes as $process) {
            $pid = $process->getPid();
            if ($pid !== null) {
                posix_kill(-$pid, SIGTERM);
            }
        }
        $this->processes = [];
    }

    /**
     * @param list<string>          $command
     * @param array<string, string> $environment
     */
    private function launch(array $command, string $folder, array $environment): void
    {
        // A session of its own, apart from our output: a server's workers outlive it unless the whole group is ended.
        $line = implode(' ', array_map(escapeshellarg(...), $command));
        $process = Process::fromShellCommandline("exec setsid {$line} </dev/null >/dev/null 2>&1", $folder, $environment, timeout: null);
        $process->start();
        $this->processes[] = $process;
    }

    private function await(int $port): void
    {
        for ($try = 0; $try < 150; ++$try) {
            $socket = @stream_socket_client("tcp://127.0.0.1:{$port}", timeout: 1.0);
            if ($socket !== false) {
                fclose($socket);

                return;
            }
            usleep(100_000);
        }

        throw new RuntimeException("Nothing answers on port {$port}.");
    }

    private static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('No port is free.');
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr($name, (int) strrpos($name, ':') + 1);
    }
}
