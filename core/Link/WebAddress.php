<?php

namespace InkyCard\Link;

use InkyCard\Refusal;
use InkyCard\Said;
use InkyCard\Type\CleanText;
use League\Uri\Contracts\UriException;
use League\Uri\Contracts\UriInterface;
use League\Uri\Uri;

/** An http(s) address (RFC 3986) a reader can open, with its short visible form. */
final readonly class WebAddress
{
    private const MAX = 2000;

    /**
     * Hosts only machines of one's own network know (RFC 6761, 6762, 8375 and usage), and addresses of such networks
     * (RFC 1918, 3927, 6598, 6890).
     */
    private const INSIDE = '/(?:^|\.)(?:localhost|local|localdomain|internal|intranet|lan|home|home\.arpa|corp'
        .'|private|test|invalid)$|^(?:0|10|127)\.\d+\.\d+\.\d+$|^169\.254\.|^192\.168\.\d|^172\.(?:1[6-9]|2\d|'
            .'3[01])\.\d+\.|^100\.(?:6[4-9]|[7-9]\d|1[01]\d|12[0-7])\.\d+\./';

    /** Letters that read as Latin ones though their whole label is of another script (Unicode TR 39). */
    private const DOUBLES = '/^[асԁеһіјӏорԛѕԝхуүѵοινυρκτχ0-9-]+$/u';

    /** Addresses that are canonical already: nothing in them could be normalised away (RFC 3986, 6.2). */
    private const CANONICAL = '~^(https?)://((?:[a-z0-9](?:[a-z0-9-]*[a-z0-9])?\.)+[a-z]{2,'
        .'24})((?:/(?![./])[A-Za-z0-9_-][A-Za-z0-9._\~-]*)*/?)$~D';

    /**
     * @param  string  $address  canonical, host in ASCII (RFC 5890)
     * @param  string  $host  lower-case ASCII host without `www.`
     * @param  string  $path  path, query and fragment as sent; empty for the front page
     */
    private function __construct(public string $address, public string $host, public string $path)
    {
    }

    /**
     * Reads an address as people paste it: protocol optional, https then assumed.
     *
     * @param  bool  $inside  one of a private network will do: no reader is to open it
     *
     * @throws Refusal
     */
    public static function parse(mixed $raw, string $label = 'web address', bool $inside = false): self
    {
        $known = is_string($raw) ? self::known($raw, $inside) : null;
        if ($known !== null) {
            return $known;
        }
        $uri = self::uri(CleanText::of($raw, self::MAX, $label), $label);
        $host = self::asciiHost((string) $uri->getHost()) ?? throw self::notAnAddress($label);
        if ($uri->getUserInfo() !== null) {
            throw Refusal::because(
                'The :label carries a sign-in name: leave out what stands before the @.',
                values: ['label' => Said::of($label)],
            );
        }
        if (! $inside && preg_match(self::INSIDE, self::dotted($host)) === 1) {
            throw Refusal::because(
                'The :label leads inside a private network, where readers cannot follow.',
                values: ['label' => Said::of($label)],
            );
        }
        $more = ($uri->getQuery() === null ? '' : '?'.$uri->getQuery())
            .($uri->getFragment() === null ? '' : '#'.$uri->getFragment());
        $path = ($uri->getPath() === '/' && $more === '' ? '' : $uri->getPath()).$more;
        if ($uri->getPort() === 0 || $uri->getPort() > 65_535) {
            throw Refusal::because(
                'The :label names a port no machine has: 1 to 65535.', values: ['label' => Said::of($label)],
            );
        }
        $port = $uri->getPort() === null ? '' : ':'.$uri->getPort();

        return new self(
            $uri->getScheme().'://'.$host.$port.$path, preg_replace('/^www\./', '', $host).$port, $path,
        );
    }

    /** An address as a page or a redirect at another means it (RFC 3986, 5); null where it is none. */
    public static function absolute(string $address, string $base): ?string
    {
        try {
            return strlen($address) + strlen($base) > 2 * self::MAX ? null : (string) Uri::fromBaseUri($address, $base);
        } catch (UriException) {
            return null;
        }
    }

    /** Most addresses read are ones this class wrote; the full parser takes twenty times as long. */
    private static function known(string $raw, bool $inside): ?self
    {
        if (strlen($raw) >= 250 || preg_match(self::CANONICAL, $raw, $match) !== 1 || str_contains($raw, 'xn--')
            || (! $inside && preg_match(self::INSIDE, self::dotted($match[2])) === 1)) {
            return null;
        }
        $bare = $match[3] === '/';
        $host = (string) preg_replace('/^www\./', '', $match[2]);

        return new self($bare ? substr($raw, 0, -1) : $raw, $host, $bare ? '' : $match[3]);
    }

    /** @throws Refusal */
    private static function uri(string $text, string $label): UriInterface
    {
        if (str_contains($text, ' ')) {
            throw Refusal::because(
                'The :label has a space in it: copy it again from the browser.', values: ['label' => Said::of($label)],
            );
        }
        $scheme = self::scheme($text);
        if ($scheme !== null && ! in_array($scheme, ['http', 'https'], true)) {
            throw Refusal::because(
                'The :label must start with https:// or http://, not :scheme:.',
                values: ['label' => Said::of($label), 'scheme' => $scheme],
            );
        }
        try {
            return Uri::new($scheme === null ? 'https://'.ltrim($text, '/') : $text)->normalize();
        } catch (UriException) {
            throw self::notAnAddress($label);
        }
    }

    /**
     * What a reader sees (need B11): no protocol, no `www.`, no closing slash, scripts readable, but for a host that
     * passes for another.
     */
    public function short(): string
    {
        if (! str_contains($this->host, 'xn--') && ! str_contains($this->path, '%')) {
            return $this->host.rtrim($this->path, '/');
        }
        [$name, $port] = explode(':', $this->host.':', 3);
        $host = idn_to_utf8($name, IDNA_DEFAULT, INTL_IDNA_VARIANT_UTS46) ?: $name;
        $host = self::passesForAnother($host) ? $name : $host;
        // What means something else when it is decoded stays as it is: %2F is no slash, %26 parts nothing.
        $path = (string) preg_replace_callback(
            '/(?:%[89a-f][0-9a-f])+/i', fn (array $signs) => rawurldecode($signs[0]), $this->path,
        );

        return $host.($port === '' ? '' : ':'.$port)
            .rtrim(
                mb_check_encoding($path, 'UTF-8') && ! preg_match('/[\p{C}\p{Z}]/u', $path) ? $path : $this->path,
                '/',
            );
    }

    /** Whether a label mixes scripts, or is made of doubles of Latin letters. */
    private static function passesForAnother(string $host): bool
    {
        $checker = new \Spoofchecker;
        foreach (explode('.', $host) as $label) {
            if (preg_match('/[^\x00-\x7f]/', $label) === 1
                && ($checker->isSuspicious($label) || preg_match(self::DOUBLES, $label) === 1)) {
                return true;
            }
        }

        return false;
    }

    /** `localhost:8080` is a host with a port, not a scheme; `mailto:a@b` is a scheme. */
    private static function scheme(string $text): ?string
    {
        return preg_match('#^([a-z][a-z0-9+-]*):(?!\d+(/|$))#i', $text, $match) ? strtolower($match[1]) : null;
    }

    /** A host readers everywhere can reach has at least two labels; an IP address is kept as it is. */
    private static function asciiHost(string $host): ?string
    {
        $label = '[a-z0-9_]([a-z0-9_-]*[a-z0-9_])?';
        // What is ASCII already is a name of its own, whatever hyphens it has.
        $plain = preg_match('/^[a-z0-9._-]+$/D', $host) === 1 && ! str_contains($host, 'xn--');
        $ascii = $plain ? $host : idn_to_ascii($host, IDNA_NONTRANSITIONAL_TO_ASCII, INTL_IDNA_VARIANT_UTS46);

        return is_string($ascii) && strlen($ascii) <= 253 && preg_match("/^$label(\.$label)+$/D", $ascii)
            ? $ascii
            : null;
    }

    /** An IPv4 address in any of the forms programs take (WHATWG URL, 3.5): 127.1, 0x7f.0.0.1; any other as it is. */
    private static function dotted(string $host): string
    {
        $parts = explode('.', $host);
        $last = end($parts);
        if (count($parts) > 4 || preg_match('/^(?:0x[0-9a-f]*|\d+)$/iD', $last) !== 1) {
            return $host;
        }
        $numbers = array_map(fn (string $part): int => match (true) {
            stripos($part, '0x') === 0 => (int) hexdec(substr($part, 2) ?: '0'),
            strlen($part) > 1 && $part[0] === '0' => (int) octdec($part),
            default => (int) $part,
        }, $parts);
        $address = array_pop($numbers);
        foreach ($numbers as $at => $number) {
            $address += $number << 8 * (3 - $at);
        }

        return long2ip($address & 0xFFFFFFFF) ?: $host;
    }

    private static function notAnAddress(string $label): Refusal
    {
        return Refusal::because(
            'The :label is not one a reader can open: it looks like quillfern.example/visits.',
            values: ['label' => Said::of($label)],
        );
    }
}
