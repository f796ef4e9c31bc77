<?php

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use RuntimeException;
use Symfony\Component\Process\Process;

/**
 * The application with the demo, served on a free port from files of its own, and a headless browser in front of it.
 */
final class Desk
{
    public readonly string $base;

    public readonly string $files;

    public readonly RemoteWebDriver $browser;

    private int $server;

    /** @var list<Process> */
    private array $processes = [];

    private static ?self $shared = null;

    /** One browser for all tests: starting one takes seconds. */
    public static function shared(): self
    {
        return self::$shared ??= new self;
    }

    private function __construct()
    {
        $this->files = sys_get_temp_dir().'/inky-desk-'.bin2hex(random_bytes(6));
        mkdir($this->files.'/downloads', recursive: true);
        // As bin/start does it: settings and routes are not read anew at every request.
        foreach (['inky:prepare', 'config:cache', 'route:cache'] as $command) {
            $this->artisan($command);
        }
        $this->base = 'http://127.0.0.1:'.self::freePort();
        $this->serve();
        $this->browser = $this->openBrowser();
        register_shutdown_function($this->close(...));
    }

    /** Starts the server, again too: its workers form a group of their own. */
    public function serve(): void
    {
        $process = new Process(
            [
                'setsid', PHP_BINARY, '-d', 'upload_max_filesize=32M', '-d', 'post_max_size=64M', '-d',
                'memory_limit=512M', '-S', substr($this->base, 7), '-t', 'public', 'server.php',
            ],
            dirname(__DIR__, 2),
            $this->environment() + ['PHP_CLI_SERVER_WORKERS' => '3'],
        );
        $this->run($process);
        self::await($this->base.'/up', $process);
        $this->server = (int) $process->getPid();
    }

    /** Ends the server and all its workers at once, as a crash would. */
    public function kill(): void
    {
        posix_kill(-$this->server, 9);
    }

    /** @param  array<string, mixed>  $parameters */
    public function devtools(string $command, array $parameters): mixed
    {
        return $this->browser->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', [
            'cmd' => $command,
            'params' => (object) $parameters,
        ]);
    }

    public function database(): \PDO
    {
        return new \PDO('sqlite:'.$this->files.'/inky.sqlite');
    }

    public function close(): void
    {
        try {
            $this->browser->quit();
        } catch (\Throwable) {
            // It may be gone already.
        }
        $this->kill();
        foreach ($this->processes as $process) {
            $process->stop(1);
        }
        (new Process(['rm', '-rf', $this->files]))->run();
    }

    /** Nobody reads its output: left in a pipe it would fill and stop the process. */
    private function run(Process $process): void
    {
        $process->disableOutput();
        $process->start();
        $this->processes[] = $process;
    }

    private function openBrowser(): RemoteWebDriver
    {
        $port = self::freePort();
        $this->run(new Process(['/usr/bin/chromedriver', "--port=$port"]));
        self::await("http://127.0.0.1:$port/status");
        $options = (new ChromeOptions())
            ->setBinary('/usr/bin/chromium')
            ->addArguments([
                '--headless', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run',
                '--font-render-hinting=none', '--disable-background-networking', '--disable-component-update',
                '--disable-sync', '--disable-dev-shm-usage', '--window-size=1280,800',
                "--user-data-dir=$this->files/profile",
            ]);
        $capabilities = DesiredCapabilities::chrome()->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL', 'performance' => 'ALL']);

        return RemoteWebDriver::create("http://127.0.0.1:$port", $capabilities, 60_000, 60_000);
    }

    private function artisan(string $command): void
    {
        (new Process([PHP_BINARY, 'artisan', $command], dirname(__DIR__, 2), $this->environment()))->mustRun();
    }

    /** @return array<string, string> */
    private function environment(): array
    {
        return [
            'APP_ENV' => 'production',
            'APP_DEBUG' => 'false',
            'DB_DATABASE' => "$this->files/inky.sqlite",
            'PICTURE_ROOT' => "$this->files/pictures",
            'SESSION_DRIVER' => 'file',
            'QUEUE_CONNECTION' => 'sync', 'CACHE_STORE' => 'file',
            'LOG_CHANNEL' => 'stderr', 'INKY_PSEUDO' => 'true',
            'APP_CONFIG_CACHE' => "$this->files/config.php",
            'APP_ROUTES_CACHE' => "$this->files/routes.php",
        ];
    }

    /** Below those a system gives to connections going out, which would take it while the server is dead. */
    private static function freePort(): int
    {
        for ($try = 0; $try < 100; $try++) {
            $port = random_int(20_000, 32_000);
            if (@stream_socket_server("tcp://127.0.0.1:$port") !== false) {
                return $port;
            }
        }
        throw new RuntimeException('No port is free.');
    }

    /** @param  ?Process  $process  what is to answer there: begun again where it ended */
    private static function await(string $address, ?Process $process = null): void
    {
        for ($try = 0; $try < 400; $try++) {
            if ($process?->isTerminated() === true) {
                $process->start();
            }
            $request = curl_init($address) ?: throw new RuntimeException("Not an address: $address");
            curl_setopt($request, CURLOPT_RETURNTRANSFER, true);
            if (curl_exec($request) !== false && curl_getinfo($request, CURLINFO_HTTP_CODE) === 200) {
                return;
            }
            usleep(50_000);
        }
        throw new RuntimeException("Nothing answers at $address.");
    }
}
