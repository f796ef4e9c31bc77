<?php

namespace App\StandIns;

use App\Pictures\Rasterizer;
use Illuminate\Support\Str;
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
    /** Drawings become pictures of this width, px. */
    private const WIDTH = 960;

    /** More than is ever read, bytes. */
    private const ENDLESS = 12_000_000;

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
        $host = (string) parse_url($url, PHP_URL_HOST);
        $path = trim((string) parse_url($url, PHP_URL_PATH), '/');

        return match ($host) {
            JmapStandIn::HOST => self::asked(JmapStandIn::answer(...), $path, $options),
            SenderStandIn::HOST => self::asked(SenderStandIn::answer(...), $path, $options),
            'pictures.quillfern.example' => $this->picture($path),
            'people.quillfern.example' => self::person($path),
            default => null,
        } ?? self::page($url, $host, $path);
    }

    /**
     * @param  \Closure(string, string, ?string): array{int, array<string, mixed>}  $answer
     * @param  array<string, mixed>  $options
     */
    private static function asked(\Closure $answer, string $path, array $options): MockResponse
    {
        $given = implode('', (array) ($options['normalized_headers']['authorization'] ?? []));
        [$status, $body] = $answer(
            $path,
            (string) preg_replace('/^authorization:\s*/i', '', $given),
            is_string($options['body'] ?? null) && $options['body'] !== '' ? $options['body'] : null,
        );

        return self::response('application/json', (string) json_encode($body), $status);
    }

    private function picture(string $path): ?MockResponse
    {
        $file = self::file(preg_replace('/^portrait-/', 'portraits/', $path, -1, $count), $count ? '' : 'banners/',
            'svg');

        return $file === null
            ? null
            : self::response('image/png', $this->rasterizer->png((string) file_get_contents($file), self::WIDTH));
    }

    private static function person(string $path): ?MockResponse
    {
        $file = self::file($path, 'pages/', 'html');

        return $file === null ? null : self::response('text/html; charset=utf-8', (string) file_get_contents($file));
    }

    /** A file of the demo by its name in small letters; null where there is none. */
    private static function file(?string $name, string $folder, string $extension): ?string
    {
        $file = database_path("demo/$folder$name.$extension");

        return preg_match('~^(?:portraits/)?[a-z-]+$~D', (string) $name) === 1 && is_file($file) ? $file : null;
    }

    /** Pages that behave as pages do. */
    private static function page(string $url, string $host, string $path): MockResponse
    {
        return match ($path) {
            'inward' => self::moved('http://127.0.0.1/secret'),
            'circle' => self::moved($url),
            'endless' => new MockResponse(str_repeat('x', self::ENDLESS)),
            'plans' => self::moved('https://quillfern.example/garden-plans', 301),
            'surveys' => self::moved('https://quillfern.example/sign-in?to=surveys'),
            'members' => new MockResponse('Members alone', ['http_code' => 401]),
            'asleep' => self::response('text/html', self::slowly()),
            'film' => self::response('text/html; charset=utf-8', (string) file_get_contents(
                (string) self::file('film', 'pages/', 'html'),
            )),
            'journal' => self::response('text/html', '<!doctype html><title>Journal</title><link rel="alternate" '
                .'type="application/atom+xml" href="/journal.atom"><h1>Journal</h1>'),
            'journal.atom' => self::response('application/atom+xml', self::feed($host)),
            'broken' => new MockResponse('Out of order', ['http_code' => 500]),
            'missing' => new MockResponse('Not here', ['http_code' => 404]),
            default => self::response(
                'text/html', "<!doctype html><title>Stand-in</title><p>This page stands in for $host.</p>",
            ),
        };
    }

    /** A journal with an entry a week. */
    private static function feed(string $host): string
    {
        $entries = '';
        $titles = ['What to plant in a wet autumn', 'Three hedges that feed birds', 'A bench that lasts'];
        foreach ($titles as $at => $title) {
            $day = now()->subWeeks($at)->startOfWeek()->toAtomString();
            $name = Str::slug($title);
            $entries .= "<entry><id>https://$host/journal/$name</id><title>$title</title>"
                ."<link href=\"https://$host/journal/$name\"/><updated>$day</updated></entry>";
        }

        return '<?xml version="1.0" encoding="utf-8"?><feed xmlns="http://www.w3.org/2005/Atom"><title>Journal</title>'
            ."<id>https://$host/journal.atom</id>$entries</feed>";
    }

    /** @return iterable<string> nothing, after a while */
    private static function slowly(): iterable
    {
        usleep(50_000);
        yield '';
    }

    private static function moved(string $to, int $status = 302): MockResponse
    {
        return new MockResponse('', ['http_code' => $status, 'response_headers' => ["location: $to"]]);
    }

    /** @param  string|iterable<string>  $body */
    private static function response(string $type, string|iterable $body, int $status = 200): MockResponse
    {
        return new MockResponse($body, ['http_code' => $status, 'response_headers' => ["content-type: $type"]]);
    }
}
