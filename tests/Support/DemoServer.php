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

/**
 * What browser tests use: the demo house on a database of its own, a web server, a driver. Started once, and again
 * where a test ended it; stopped at the end.
 */
final class DemoServer
{
    private const WEEKS = 1;

    private static ?self $running = null;

    /** @param list<Server> $servers */
    private function __construct(
        public readonly string $url,
        private readonly string $driverUrl,
        private readonly array $servers,
    ) {}

    public static function start(Application $app): self
    {
        $database = OwnDatabase::use('browser');
        if (self::$running !== null) {
            return self::$running;
        }
        Artisan::call('migrate:fresh');
        $app->make(DemoSeeder::class)->run(self::WEEKS);

        // As in the demo: what the application needs beyond rows is missing here too.
        $web = Server::ofPages(Server::freePort(), $database, 'openbaton', (string) getenv('BATON_DB_PASSWORD'));
        $port = Server::freePort();
        $driver = Server::launch($port, ['chromedriver', "--port={$port}", '--allowed-ips=127.0.0.1'], base_path(), []);
        $web->await();
        $driver->await();
        $server = new self("http://127.0.0.1:{$web->port}", "http://127.0.0.1:{$driver->port}", [$web, $driver]);
        register_shutdown_function($server->stop(...));

        return self::$running = $server;
    }

    public function browser(): RemoteWebDriver
    {
        $options = new ChromeOptions();
        $options->setBinary('/usr/bin/chromium');
        $options->addArguments([
            '--headless=new',
            '--no-sandbox',
            '--disable-gpu',
            '--disable-quic',
            '--no-first-run',
            '--disable-background-networking',
            '--disable-component-update',
            '--disable-sync',
            '--disable-dev-shm-usage',
        ]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $browser = RemoteWebDriver::create($this->driverUrl, $capabilities, 20_000, 60_000);
        (new ChromeDevToolsDriver($browser))->execute('Emulation.setDeviceMetricsOverride', [
            'width' => 1280,
            'height' => 800,
            'deviceScaleFactor' => 1,
            'mobile' => false,
        ]);

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
        foreach ($this->servers as $server) {
            $server->stop();
        }
    }
}
