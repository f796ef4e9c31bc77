<?php

namespace App\StandIns;

use App\Pictures\Rasterizer;
use Symfony\Component\HttpClient\MockHttpClient;
use Symfony\Component\HttpClient\Response\MockResponse;
use Symfony\Contracts\HttpClient\HttpClientInterface;
use Symfony\Contracts\HttpClient\ResponseInterface;
use Symfony\Contracts\HttpClient\ResponseStreamInterface;

/**
 * A stand-in for web sites: answers for hosts under `.example`, which are
 * nobody's (RFC 2606), so that the demo needs no network. Every other host
 * goes to the real client.
 */
final class WebStandIn implements HttpClientInterface
{
    private readonly MockHttpClient $sites;

    public function __construct(private readonly HttpClientInterface $real, private readonly Rasterizer $rasterizer)
    {
        $this->sites = new MockHttpClient(
            fn (string $method, string $url, array $options) => $this->answer($url, $options),
        );
    }

    public static function answersFor(string $host): bool
    {
        return str_ends_with(strtolower($host), '.example');
    }

    /** @param  array<string, mixed>  $options */
    public function request(string $method, string $url, array $options = []): ResponseInterface
    {
        return self::answersFor((string) parse_url($url, PHP_URL_HOST))
            ? $this->sites->request($method, $url, $options)
            : $this->real->request($method, $url, $options);
    }

    /** @param  ResponseInterface|iterable<array-key, ResponseInterface>  $responses */
    public function stream(ResponseInterface|iterable $responses, ?float $timeout = null): ResponseStreamInterface
    {
        return $responses instanceof MockResponse
            ? $this->sites->stream($responses, $timeout)
            : $this->real->stream($responses, $timeout);
    }

    /** @param  array<string, mixed>  $options */
    public function withOptions(array $options): static
    {
        return new self($this->real->withOptions($options), $this->rasterizer);
    }

    /** @param  array<string, mixed>  $options */
    private function answer(string $url, array $options): MockResponse
    {
        [$host, $path] = [(string) parse_url($url, PHP_URL_HOST), trim((string) parse_url($url, PHP_URL_PATH), '/')];
        if ($host === JmapStandIn::HOST) {
            $given = implode('', (array) ($options['normalized_headers']['authorization'] ?? []));
            [$status, $body] = JmapStandIn::answer(
                $path,
                (string) preg_replace('/^authorization:\s*/i', '', $given),
                is_string($options['body'] ?? null) && $options['body'] !== '' ? $options['body'] : null,
            );

            return new MockResponse((string) json_encode($body), [
                'http_code' => $status,
                'response_headers' => ['content-type: application/json'],
            ]);
        }
        $drawing = database_path(
            str_starts_with($path, 'portrait-')
                ? 'demo/portraits/'.substr($path, 9).'.svg'
                : "demo/banners/$path.svg",
        );

        return match (true) {
            $host === 'pictures.quillfern.example' && preg_match('/^[a-z-]+$/D', $path) === 1 && is_file($drawing) => new MockResponse($this->rasterizer->png((string) file_get_contents($drawing), 960), [
                'response_headers' => ['content-type: image/png'],
            ]),
            $host === 'people.quillfern.example' && preg_match('/^[a-z-]+$/D', $path) === 1
                && is_file(database_path("demo/pages/$path.html")) => new MockResponse((string) file_get_contents(database_path("demo/pages/$path.html")), [
                    'response_headers' => ['content-type: text/html; charset=utf-8'],
                ]),
            $path === 'inward' => new MockResponse('', [
                'http_code' => 302,
                'response_headers' => ['location: http://127.0.0.1/secret'],
            ]),
            $path === 'circle' => new MockResponse('', ['http_code' => 302, 'response_headers' => ["location: $url"]]),
            $path === 'endless' => new MockResponse(str_repeat('x', 12_000_000)),
            $path === 'plans' => new MockResponse('', [
                'http_code' => 301,
                'response_headers' => ['location: https://quillfern.example/garden-plans'],
            ]),
            $path === 'surveys' => new MockResponse('', [
                'http_code' => 302,
                'response_headers' => ['location: https://quillfern.example/sign-in?to=surveys'],
            ]),
            $path === 'members' => new MockResponse('Members alone', ['http_code' => 401]),
            $path === 'asleep' => new MockResponse((function () {
                usleep(50_000);
                yield '';
            })(), ['response_headers' => ['content-type: text/html']]),
            $path === 'broken' => new MockResponse('Out of order', ['http_code' => 500]),
            $path === 'missing' => new MockResponse('Not here', ['http_code' => 404]),
            default => new MockResponse("<!doctype html><title>Stand-in</title><p>This page stands in for $host.</p>", [
                'response_headers' => ['content-type: text/html'],
            ]),
        };
    }
}
