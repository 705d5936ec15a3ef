<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;

/** A headless Chromium with an empty profile, driven through a ChromeDriver of its own. */
final class Chrome
{
    private const ARGUMENTS = [
        '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking',
        '--disable-component-update', '--disable-sync', '--disable-dev-shm-usage', '--lang=en-GB', '--force-prefers-reduced-motion',
    ];

    private function __construct(public readonly RemoteWebDriver $driver, private readonly Process $chromedriver, private readonly string $profile) {}

    public static function start(int $width = 1280, int $height = 800): self
    {
        $chromedriver = Process::listening(static fn(int $port): array => ['chromedriver', '--port='.$port]);
        $profile = sys_get_temp_dir().'/zolbek-chrome-'.getmypid().'-'.$chromedriver->port;
        $options = new ChromeOptions();
        $options->addArguments([...self::ARGUMENTS, "--window-size=$width,$height", '--user-data-dir='.$profile]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        // a yard's own certificate is known to nobody
        $capabilities->setCapability('acceptInsecureCerts', true);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);
        $chrome = new self(RemoteWebDriver::create('http://127.0.0.1:'.$chromedriver->port, $capabilities, 30_000, 60_000), $chromedriver, $profile);
        $chrome->resize($width, $height);

        return $chrome;
    }

    public function resize(int $width, int $height): void
    {
        $this->devtools('Emulation.setDeviceMetricsOverride', ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => $width < 600]);
    }

    /**
     * @param array<string, mixed> $parameters
     *
     * @return array<string, mixed>
     */
    public function devtools(string $command, array $parameters = []): array
    {
        return (array) $this->driver->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', ['cmd' => $command, 'params' => (object) $parameters]);
    }

    /** @return list<string> what the page complained of, refused requests left out */
    public function complaints(): array
    {
        $entries = array_filter($this->driver->manage()->getLog('browser'), static fn(array $entry): bool => $entry['level'] === 'SEVERE' && ! str_contains($entry['message'], 'status of 4'));

        return array_values(array_column($entries, 'message'));
    }

    public function stop(): void
    {
        $this->driver->quit();
        $this->chromedriver->stop();
        exec('rm -rf '.escapeshellarg($this->profile));
    }
}
