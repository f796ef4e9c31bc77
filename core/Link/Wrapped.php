<?php

namespace InkyCard\Link;

/** Addresses that mail gateways, proxies and counters put around others. */
final class Wrapped
{
    /**
     * The address meant: one carried in a query, behind a fragment or in a path; the address itself where there is
     * none.
     */
    public static function inner(string $address): string
    {
        for ($deep = 0; $deep < 3; $deep++) {
            $inner = null;
            if (preg_match_all('/[?&#](?:[\w-]{1,20}=)?(https?(?::|%3A)[^&#\s]+)/i', $address, $found) > 0) {
                $inner = rawurldecode($found[1][0]);
            } elseif (preg_match('~^https?://[^/]+/.*?(?<=[/#])(https?://.+)$~i', $address, $match) === 1) {
                $inner = $match[1];
            }
            if ($inner === null || preg_match('~^https?://[^/\s]+~i', $inner) !== 1) {
                break;
            }
            $address = $inner;
        }

        return $address;
    }
}
