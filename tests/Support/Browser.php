<?php

declare(strict_types=1);

namespace Tests\Support;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;

/** Browsers for tests, by a driver that is started once and stopped at the end. */
final class Browser
{
    private static ?Server $driver = null;

    public static function open(): RemoteWebDriver
    {
        if (self::$driver === null) {
            $port = Server::freePort();
            $command = ['chromedriver', "--port={$port}", '--allowed-ips=127.0.0.1'];
            self::$driver = Server::launch($port, $command, base_path(), []);
            self::$driver->await();
            register_shutdown_function(self::$driver->stop(...));
        }
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
        $browser = RemoteWebDriver::create('http://127.0.0.1:' . self::$driver->port, $capabilities, 20_000, 60_000);
        (new ChromeDevToolsDriver($browser))->execute('Emulation.setDeviceMetricsOverride', [
            'width' => 1280,
            'height' => 800,
            'deviceScaleFactor' => 1,
            'mobile' => false,
        ]);

        return $browser;
    }
}
