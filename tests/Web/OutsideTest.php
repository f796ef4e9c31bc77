<?php

namespace Tests\Web;

use App\Outside\SafeHttpClient;
use InkyCard\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\HttpClient\HttpClient;
use Symfony\Component\HttpClient\NoPrivateNetworkHttpClient;
use Symfony\Component\HttpFoundation\IpUtils;
use Symfony\Component\Process\Process;

/** The guard against a real server on this machine, reached by a name that a test resolves. */
final class OutsideTest extends TestCase
{
    private const HOST = 'site.test.invalid-tld.org';

    private static Process $server;

    private static int $port;

    public static function setUpBeforeClass(): void
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        assert($socket !== false);
        self::$port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);
        self::$server = new Process([PHP_BINARY, '-S', '127.0.0.1:'.self::$port, __DIR__.'/outside-server.php']);
        self::$server->disableOutput();
        self::$server->start();
        for ($try = 0; $try < 100 && @fsockopen('127.0.0.1', self::$port) === false; $try++) {
            usleep(50_000);
        }
    }

    public static function tearDownAfterClass(): void
    {
        self::$server->stop(1);
    }

    /** @return iterable<string, array{string, string, bool}> path => sentence, whether private networks are refused */
    public static function bad(): iterable
    {
        yield 'never ends' => ['endless', 'over 1 MB', false];
        yield 'announces ten bytes and sends more' => ['lies', 'x{10}$|over|answer', false];
        yield 'drips' => ['drip', 'too long', false];
        yield 'circle' => ['circle', 'circle', false];
        yield 'many redirects' => ['hop/1', 'too often', false];
        yield 'redirect to a file' => ['to-file', 'must start with https', false];
        yield 'private network' => ['fine', 'private network', true];
        // Last: the server is one process, and this one keeps it.
        yield 'never answers' => ['silent', 'too long', false];
    }

    #[DataProvider('bad')]
    public function test_what_it_is_led_to_cannot_hurt(string $path, string $sentence, bool $guarded): void
    {
        $before = memory_get_peak_usage();
        try {
            $told = $this->outside($guarded)->fetch(
                'http://'.self::HOST.':'.self::$port."/$path",
                1_000_000,
                // A megabyte takes its time where the machine is held up.
                $path === 'endless' ? 30 : 1.5,
            )->bytes;
        } catch (Refusal $refusal) {
            $told = $refusal->getMessage();
        }
        $this->assertMatchesRegularExpression("/$sentence/", $told);
        $this->assertLessThan(20_000_000, memory_get_peak_usage() - $before);
    }

    /** The client says of a host without an address what it says of one inside: readers of the sentence need to know. */
    public function test_a_host_that_does_not_exist_is_not_taken_for_one_of_a_private_network(): void
    {
        $this->expectExceptionMessage('There is no such host');
        $client = new NoPrivateNetworkHttpClient(HttpClient::create(), IpUtils::PRIVATE_SUBNETS);
        (new SafeHttpClient($client))->fetch('https://quillfern-nowhere.invalid/', 1000);
    }

    public function test_redirects_are_followed_and_told(): void
    {
        $fetched = $this->outside(false)->fetch('http://'.self::HOST.':'.self::$port.'/moved', 1000);
        $this->assertSame([200, 'fine', 1], [$fetched->status, $fetched->bytes, count($fetched->redirects)]);
        $this->assertStringEndsWith('/fine', $fetched->address);
    }

    private function outside(bool $guarded): SafeHttpClient
    {
        $client = HttpClient::create(['resolve' => [self::HOST => '127.0.0.1']]);

        return new SafeHttpClient(
            $guarded
                ? (new NoPrivateNetworkHttpClient($client, [
                    ...IpUtils::PRIVATE_SUBNETS,
                    ...SafeHttpClient::INSIDE,
                ]))->withOptions(['resolve' => [self::HOST => '127.0.0.1']])
                : $client,
            fn (string $host): bool => $host === self::HOST,
        );
    }
}
