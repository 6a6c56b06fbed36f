<?php

declare(strict_types=1);

namespace Tests\Support;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverTargetLocator;

/** Browsers for tests, by a driver that is started once and stopped at the end. */
final class Browser
{
    private static ?Server $driver = null;

    private static ?RemoteWebDriver $kept = null;

    /**
     * A new tab of the one browser of a process, as if nobody had used it before; but what it has fetched and compiled
     * of the pages stays.
     */
    public static function kept(): RemoteWebDriver
    {
        if (self::$kept === null) {
            return self::$kept = self::open();
        }
        $browser = self::$kept;
        $before = $browser->getWindowHandles();
        $browser->executeScript('try { localStorage.clear(); } catch {}');
        $browser->switchTo()->newWindow(WebDriverTargetLocator::WINDOW_TYPE_TAB);
        $new = $browser->getWindowHandle();
        foreach ($before as $window) {
            $browser->switchTo()->window($window);
            $browser->close();
        }
        $browser->switchTo()->window($new);
        // Only now: what a page has asked for may come in until it is closed, and a cookie with it.
        (new ChromeDevToolsDriver($browser))->execute('Network.clearBrowserCookies');
        self::size($browser);

        return $browser;
    }

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
            // Pages are not there for long enough for code to be made faster.
            '--js-flags=--no-opt --no-maglev',
        ]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $browser = RemoteWebDriver::create('http://127.0.0.1:' . self::$driver->port, $capabilities, 20_000, 60_000);
        self::size($browser);

        return $browser;
    }

    private static function size(RemoteWebDriver $browser): void
    {
        (new ChromeDevToolsDriver($browser))->execute('Emulation.setDeviceMetricsOverride', [
            'width' => 1280,
            'height' => 800,
            'deviceScaleFactor' => 1,
            'mobile' => false,
        ]);
    }
}
