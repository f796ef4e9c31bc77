<?php

namespace App\Outside;

use InkyCard\Link\WebAddress;
use InkyCard\Refusal;
use Symfony\Contracts\HttpClient\Exception\ExceptionInterface;
use Symfony\Contracts\HttpClient\HttpClientInterface;
use Symfony\Contracts\HttpClient\ResponseInterface;

/**
 * Asks other machines for something somebody named: http(s) alone, never one
 * inside our own network, within a size and a time, every redirect judged anew.
 */
final class SafeHttpClient
{
    private const MAX_REDIRECTS = 4;

    /**
     * Not for the public, beside what the client knows: shared address space, multicast, IPv4 within IPv6 (RFC 6598,
     * 5771, 6052, 3056).
     */
    public const INSIDE = [
        '100.64.0.0/10', '192.0.0.0/24', '198.18.0.0/15', '224.0.0.0/4', '64:ff9b::/96', '2002::/16', 'ff00::/8',
    ];

    /** @var \Closure(string): bool */
    private readonly \Closure $exists;

    /**
     * @param  HttpClientInterface  $client  one that refuses private networks
     * @param  (\Closure(string): bool)|null  $exists  whether a host has an address; asks the name servers unless given
     */
    public function __construct(private readonly HttpClientInterface $client, ?\Closure $exists = null)
    {
        $this->exists = $exists ?? fn (string $host): bool => filter_var($host, FILTER_VALIDATE_IP) !== false
            || gethostbynamel($host) !== false || rescue(fn () => dns_get_record($host, DNS_AAAA), [], false) !== [];
    }

    /**
     * @param  int  $most  bytes taken; more is refused, whatever length was announced
     * @param  float  $seconds  for all of it, redirects too
     * @param  bool  $whole  refuse what is longer; otherwise its beginning will do
     *
     * @throws Refusal
     */
    public function fetch(string $address, int $most, float $seconds = 8, bool $whole = true): Fetched
    {
        return $this->request($address, $most, $seconds, $whole, []);
    }

    /**
     * Asks in somebody's name. The token goes to the host it was given for and no other.
     *
     * @param  ?string  $json  posted; null asks alone
     *
     * @throws Refusal
     */
    public function ask(string $address, string $token, ?string $json, int $most, float $seconds = 8): Fetched
    {
        return $this->request(
            $address,
            $most,
            $seconds,
            true,
            ['auth_bearer' => $token]
                + ($json === null ? [] : ['body' => $json, 'headers' => ['Content-Type' => 'application/json']]),
        );
    }

    /**
     * Tells it something, once.
     *
     * @param  array<string, string>  $headers
     *
     * @throws Refusal
     */
    public function post(string $address, string $body, array $headers, int $most, float $seconds = 8): Fetched
    {
        return $this->request($address, $most, $seconds, false, ['body' => $body, 'headers' => $headers]);
    }

    /** @param  array<string, mixed>  $with  options of the client */
    private function request(string $address, int $most, float $seconds, bool $whole, array $with): Fetched
    {
        $until = microtime(true) + $seconds;
        $redirects = [];
        try {
            while (true) {
                $asked = WebAddress::parse($address, inside: true)->address;
                $response = $this->send($asked, $with, $until);
                $to = self::passedOn($response);
                if ($to === null) {
                    $bytes = $this->bytes($response, $most, $whole, $until);

                    return new Fetched($response->getStatusCode(), $asked, $bytes, $redirects);
                }
                $response->cancel();
                $redirects[] = $asked;
                if (count($redirects) > self::MAX_REDIRECTS || in_array($to, $redirects, true)) {
                    throw Refusal::because('This address is passed on in a circle, or too often.');
                }
                $address = WebAddress::absolute($to, $asked)
                    ?? throw Refusal::because('This address passes on to something that is no address.');
                self::mustStay($with, $asked, $address);
            }
        } catch (ExceptionInterface $failure) {
            throw $this->failed($failure->getMessage(), (string) parse_url($address, PHP_URL_HOST));
        }
    }

    /**
     * @param  array<string, mixed>  $with
     * @param  float  $until  moment to give up at, seconds
     */
    private function send(string $address, array $with, float $until): ResponseInterface
    {
        $left = max(0.1, $until - microtime(true));

        return $this->client->request(isset($with['body']) ? 'POST' : 'GET', $address, array_merge_recursive([
            'max_redirects' => 0, 'buffer' => false, 'timeout' => $left, 'max_duration' => $left,
            'headers' => ['User-Agent' => 'InkyCard/1 (+picture and link check)', 'Accept' => '*/*'],
        ], $with));
    }

    /** Where a redirect leads; null for what is none. */
    private static function passedOn(ResponseInterface $response): ?string
    {
        $status = $response->getStatusCode();

        return $status >= 300 && $status < 400 ? $response->getHeaders(false)['location'][0] ?? null : null;
    }

    /**
     * A token goes to the host it was given for, and what is sent is sent once.
     *
     * @param  array<string, mixed>  $with
     *
     * @throws Refusal
     */
    private static function mustStay(array $with, string $asked, string $address): void
    {
        $at = fn (string $url): string => parse_url($url, PHP_URL_HOST).':'.(parse_url($url, PHP_URL_PORT) ?: 443);
        $stays = str_starts_with($address, 'https://') && $at($address) === $at($asked);
        if ($with !== [] && (isset($with['body']) || ! $stays)) {
            throw Refusal::because('This address passes on to another: give that one.');
        }
    }

    /**
     * @param  bool  $whole  more than `$most` is refused, rather than left
     *
     * @throws Refusal
     */
    private function bytes(ResponseInterface $response, int $most, bool $whole, float $until): string
    {
        $bytes = '';
        foreach ($this->client->stream($response, max(0.1, $until - microtime(true))) as $chunk) {
            if ($chunk->isTimeout() || microtime(true) > $until) {
                $response->cancel();
                throw self::slow();
            }
            $bytes .= $chunk->getContent();
            if (strlen($bytes) > $most) {
                $response->cancel();
                if ($whole) {
                    throw Refusal::because(
                        'What is at this address is over :most MB.', values: ['most' => $most / 1_000_000],
                    );
                }
                break;
            }
        }

        return $bytes;
    }

    /** What the client says in exceptions, in a sentence. */
    private function failed(string $message, string $host): Refusal
    {
        $says = fn (string ...$parts): bool => array_filter($parts, fn ($part) => str_contains($message, $part)) !== [];

        return match (true) {
            // The client says the same of a host that has no address at all.
            $says('resolve'), $says('is blocked') && ! ($this->exists)(trim($host, '[]')) => Refusal::because(
                'There is no such host: check the address.',
            ),
            $says('is blocked') => Refusal::because(
                'This address leads inside a private network, where readers cannot follow.',
            ),
            $says('timeout', 'timed out', 'max duration') => self::slow(),
            default => Refusal::because('This address did not answer: check it, or try again later.'),
        };
    }

    private static function slow(): Refusal
    {
        return Refusal::because('This address took too long to answer.');
    }
}
