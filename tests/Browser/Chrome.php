<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverDimension;

/** Headless Chromium through ChromeDriver, both on loopback and both ended with the process. */
final class Chrome
{
    /** @var ?resource */
    private static $process = null;

    private static int $port = 0;

    /** @var list<string> */
    private static array $folders = [];

    public static function open(int $width = 1280, int $height = 800, bool $touch = false): RemoteWebDriver
    {
        self::startDriver();
        $profile = sys_get_temp_dir().'/rush-hold-chrome-'.bin2hex(random_bytes(6));
        self::$folders[] = $profile;
        $options = new ChromeOptions();
        $options->addArguments([
            '--headless=new',
            '--no-sandbox',
            '--disable-gpu',
            "--window-size={$width},{$height}",
            '--no-first-run',
            '--disable-background-networking',
            '--disable-component-update',
            '--disable-sync',
            '--disable-quic',
            '--force-color-profile=srgb',
            '--hide-scrollbars',
            '--user-data-dir='.$profile,
        ]);
        if ($width < 500) {
            $options->setExperimentalOption('mobileEmulation', [
                'deviceMetrics' => [
                    'width' => $width,
                    'height' => $height,
                    'pixelRatio' => 2,
                    'touch' => $touch,
                ],
            ]);
        }
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);
        $driver = PatientDriver::create('http://127.0.0.1:'.self::$port, $capabilities, 30000, 60000);
        if ($width >= 500) {
            self::fit($driver, $width, $height);
        }

        return $driver;
    }

    /** Makes the page itself, not the window around it, the size asked for. */
    private static function fit(RemoteWebDriver $driver, int $width, int $height): void
    {
        /** @var array{int, int} $inner */
        $inner = $driver->executeScript('return [window.innerWidth, window.innerHeight]');
        $size = $driver->manage()->window()->getSize();
        $driver
            ->manage()
            ->window()
            ->setSize(
                new WebDriverDimension(
                    $size->getWidth() + $width - $inner[0],
                    $size->getHeight() + $height - $inner[1],
                ),
            );
    }

    private static function startDriver(): void
    {
        if (self::$process !== null) {
            return;
        }
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
        if (self::$process !== null) {
            proc_terminate(self::$process);
            proc_close(self::$process);
            self::$process = null;
        }
        foreach (self::$folders as $folder) {
            exec('rm -rf '.escapeshellarg($folder));
        }
    }
}
