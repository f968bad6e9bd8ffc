<?php

declare(strict_types=1);

namespace Tools;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use RuntimeException;

/** Headless Chromium behind a ChromeDriver of its own, for pictures, browser tests and the benchmark. */
final class Browser
{
    private const ARGUMENTS = [
        '--headless=new',
        '--no-sandbox',
        '--disable-gpu',
        '--disable-dev-shm-usage',
        '--hide-scrollbars',
        '--force-device-scale-factor=1',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--disable-quic',
    ];

    private function __construct(
        public readonly RemoteWebDriver $driver,
        private mixed $process,
        private readonly string $profile,
    ) {}

    public static function open(bool $scripts = true): self
    {
        $port = self::freePort();
        $process = proc_open(
            ['chromedriver', "--port=$port", '--silent'],
            [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']],
            $pipes,
        );
        for ($tries = 0; $tries < 100 && @fsockopen('127.0.0.1', $port, $code, $message, 0.1) === false; $tries++) {
            usleep(50_000);
        }
        $profile = sys_get_temp_dir().'/aglyca-browser-'.bin2hex(random_bytes(6));
        $options = (new ChromeOptions)->addArguments([...self::ARGUMENTS, "--user-data-dir=$profile"]);
        if (! $scripts) {
            $options->setExperimentalOption('prefs', ['profile.managed_default_content_settings.javascript' => 2]);
        }
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $browser = new self(
            RemoteWebDriver::create("http://127.0.0.1:$port", $capabilities, 20_000, 60_000),
            $process,
            $profile,
        );
        $browser->size(1280, 800);

        return $browser;
    }

    public function size(int $width, int $height): void
    {
        (new ChromeDevToolsDriver($this->driver))->execute('Emulation.setDeviceMetricsOverride', [
            'width' => $width,
            'height' => $height,
            'deviceScaleFactor' => 1,
            'mobile' => false,
        ]);
    }

    /** "print" shows a page as it prints, "" as on a screen. */
    public function medium(string $medium): void
    {
        (new ChromeDevToolsDriver($this->driver))->execute('Emulation.setEmulatedMedia', ['media' => $medium]);
    }

    /** The page as a PNG: what the window shows, or all of it. */
    public function picture(string $file, bool $whole = false): void
    {
        $parameters = ['format' => 'png', 'captureBeyondViewport' => $whole];
        $shot = (new ChromeDevToolsDriver($this->driver))->execute('Page.captureScreenshot', $parameters);
        if (file_put_contents($file, base64_decode((string) $shot['data'], true)) === false) {
            throw new RuntimeException("The picture could not be written to $file.");
        }
    }

    public function close(): void
    {
        $this->driver->quit();
        if (is_resource($this->process)) {
            proc_terminate($this->process);
            proc_close($this->process);
        }
        exec('rm -rf '.escapeshellarg($this->profile));
    }

    public static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr((string) strrchr($name, ':'), 1);
    }
}
