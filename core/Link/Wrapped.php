<?php

namespace InkyCard\Link;

/** Addresses that mail gateways, proxies and counters put around others. */
final class Wrapped
{
    /** One gateway behind another, and a third. */
    private const DEEP = 3;

    private const ADDRESS = '~^https?://[^/\s]+~i';

    /** The address meant, where a gateway that is known to do so carries it; the address itself where none does. */
    public static function inner(string $address): string
    {
        for ($deep = 0; $deep < self::DEEP; $deep++) {
            $inner = self::behindGateway($address);
            if ($inner === null) {
                break;
            }
            $address = $inner;
        }

        return $address;
    }

    /**
     * Every address that one carries, whoever put it there: whether a link that was sent is still in one that arrived
     * can be told by these, where it was meant to lead cannot.
     *
     * @return list<string>
     */
    public static function carried(string $address): array
    {
        $carried = [];
        for ($deep = 0; $deep < self::DEEP; $deep++) {
            if (preg_match('/[?&#](?:[\w-]{1,20}=)?(https?(?::|%3A)[^&#\s]+)/i', $address, $found) === 1) {
                $address = rawurldecode($found[1]);
            } elseif (preg_match('~^https?://[^/]+/.*?(?<=[/#])(https?://.+)$~i', $address, $found) === 1) {
                $address = $found[1];
            } else {
                break;
            }
            $carried[] = $address;
        }

        return $carried;
    }

    private static function behindGateway(string $address): ?string
    {
        $host = strtolower((string) parse_url($address, PHP_URL_HOST));
        foreach ($host === '' ? [] : self::gateways() as $pattern => $places) {
            if (preg_match("~^$pattern$~D", $host) === 1) {
                foreach ($places as $place) {
                    $inner = self::at($address, $place);
                    if ($inner !== null) {
                        return $inner;
                    }
                }
            }
        }

        return null;
    }

    private static function at(string $address, string $place): ?string
    {
        [$page, $fragment] = explode('#', $address, 2) + [1 => ''];
        $inner = match ($place) {
            '#' => $fragment,
            '/' => preg_match('~^https?://[^/]+/.*?(https?(?::/|%3A).+)$~i', $page, $found) === 1
                ? self::fromPath($found[1])
                : '',
            default => self::parameter((string) parse_url($page, PHP_URL_QUERY), $place),
        };

        return preg_match(self::ADDRESS, $inner) === 1 ? $inner : null;
    }

    /** Some close it by underscores, some write it for a path: one slash, percent signs. */
    private static function fromPath(string $inner): string
    {
        $inner = (string) preg_replace('~__;.*$~', '', $inner);
        $inner = str_contains($inner, '://') ? $inner : rawurldecode($inner);

        return (string) preg_replace('~^(https?):/(?!/)~i', '$1://', $inner);
    }

    private static function parameter(string $query, string $name): string
    {
        foreach (explode('&', $query) as $pair) {
            [$key, $value] = explode('=', $pair, 2) + [1 => ''];
            if ($key === $name) {
                // One writes its percent signs as hyphens and its slashes as underscores.
                $value = preg_match('~^https?-3A__~i', $value) === 1
                    ? strtr((string) preg_replace('/-(?=[0-9A-F]{2})/', '%', $value), '_', '/')
                    : $value;

                return rawurldecode($value);
            }
        }

        return '';
    }

    /** @return array<string, list<string>> */
    private static function gateways(): array
    {
        /** @var array<string, list<string>>|null $gateways */
        static $gateways = null;

        return $gateways ??= require __DIR__.'/gateways.php';
    }
}
