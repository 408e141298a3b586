<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;

/**
 * Headless Chromium through ChromeDriver, both on loopback and both ended with the process. A browser is started once and lent again and
 * again, each time with a profile of its own, which nothing outlives: cookies, what is stored, what works in the background.
 */
final class Chrome
{
    /** @var ?resource */
    private static $process = null;

    private static int $port = 0;

    private static ?string $folder = null;

    /** @var list<self> those that nobody has */
    private static array $free = [];

    /** @var \WeakMap<RemoteWebDriver, self> */
    private static \WeakMap $lent;

    private ?string $profile = null;

    /** @param  string  $home  the window it was started with, which stays */
    private function __construct(
        private readonly RemoteWebDriver $driver,
        private readonly BrowserLine $line,
        private readonly string $home,
    ) {}

    /** A page of this size in a profile of its own; under 500 wide it is a phone. */
    public static function open(int $width = 1280, int $height = 800, bool $touch = false): RemoteWebDriver
    {
        self::$lent ??= new \WeakMap();
        $chrome = array_pop(self::$free) ?? self::started();
        self::$lent[$chrome->driver] = $chrome;
        $chrome->lend();
        self::size($chrome->driver, $width, $height, $touch);

        return $chrome->driver;
    }

    /** Gives it back; what was in it is gone. */
    public static function close(RemoteWebDriver $driver): void
    {
        $chrome = self::$lent[$driver];
        unset(self::$lent[$driver]);
        try {
            $chrome->line->ask('Target.disposeBrowserContext', ['browserContextId' => $chrome->profile]);
            $driver->switchTo()->window($chrome->home);
            self::$free[] = $chrome;
        } catch (WebDriverException|\RuntimeException) {
            $driver->quit(); // one that does not answer any more is not lent again
        }
    }

    /** Makes the page this large. */
    public static function size(RemoteWebDriver $driver, int $width, int $height, bool $touch = false): void
    {
        $isPhone = $width < 500;
        $tools = new ChromeDevToolsDriver($driver);
        $tools->execute('Emulation.setDeviceMetricsOverride', [
            'width' => $width,
            'height' => $height,
            'deviceScaleFactor' => $isPhone ? 2 : 1,
            'mobile' => $isPhone,
        ]);
        if ($touch) {
            $tools->execute('Emulation.setTouchEmulationEnabled', ['enabled' => true]);
        }
    }

    private function lend(): void
    {
        $this->driver->manage()->getLog('browser'); // what others have left
        $this->profile = $this->line->ask('Target.createBrowserContext')['browserContextId'];
        $page = $this->line->ask('Target.createTarget', [
            'url' => 'about:blank',
            'browserContextId' => $this->profile,
            'width' => 1600,
            'height' => 1200,
        ]);
        $this->driver->switchTo()->window($page['targetId']);
    }

    private static function started(): self
    {
        self::startDriver();
        $options = new ChromeOptions();
        // without the windows, menus and pages of its own that the whole browser draws, unseen, around each page
        $options->setBinary('/usr/lib/chromium/chromium-headless-shell');
        $options->addArguments([
            '--no-sandbox',
            '--disable-gpu',
            '--no-first-run',
            '--disable-background-networking',
            '--disable-component-update',
            '--disable-sync',
            '--disable-quic',
            '--force-color-profile=srgb',
            '--hide-scrollbars',
        ]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);
        $driver = PatientDriver::create('http://127.0.0.1:'.self::$port, $capabilities, 30000, 60000);
        $told = $driver->getCapabilities()?->getCapability(ChromeOptions::CAPABILITY);

        return new self($driver, BrowserLine::to($told['debuggerAddress']), $driver->getWindowHandle());
    }

    private static function startDriver(): void
    {
        if (self::$process !== null) {
            return;
        }
        self::$folder = sys_get_temp_dir().'/rush-hold-chrome-'.bin2hex(random_bytes(6));
        mkdir(self::$folder);
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        $name = $socket === false ? '' : (string) stream_socket_get_name($socket, false);
        self::$port = (int) substr($name, (int) strrpos($name, ':') + 1);
        if ($socket !== false) {
            fclose($socket);
        }
        $process = proc_open(
            ['chromedriver', '--port='.self::$port, '--log-level=SEVERE'],
            [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']],
            $pipes,
            env_vars: ['TMPDIR' => self::$folder] + getenv(), // where it makes a folder for each browser
        );
        if ($process === false) {
            throw new \RuntimeException('ChromeDriver could not be started.');
        }
        self::$process = $process;
        register_shutdown_function(self::stop(...));
        $until = microtime(true) + 15;
        while (! self::driverAnswers() && microtime(true) < $until) {
            usleep(50_000);
        }
    }

    /** Asked with a short patience: a driver that is just starting may take the connection and never answer on it. */
    private static function driverAnswers(): bool
    {
        $ask = curl_init('http://127.0.0.1:'.self::$port.'/status');
        curl_setopt_array($ask, [CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT_MS => 500]);

        return curl_exec($ask) !== false;
    }

    private static function stop(): void
    {
        foreach (self::$free as $chrome) {
            $chrome->driver->quit();
        }
        if (self::$process !== null) {
            proc_terminate(self::$process);
            proc_close(self::$process);
            self::$process = null;
        }
        exec('rm -rf '.escapeshellarg((string) self::$folder));
    }
}
