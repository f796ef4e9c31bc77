<?php

namespace InkyCard\Feed;

use InkyCard\Link\WebAddress;

/** Finds the feeds a page says it has (HTML, link type `alternate`). */
final class FeedFinder
{
    private const TYPES = [
        'application/rss+xml', 'application/atom+xml', 'application/feed+json', 'application/json', 'text/xml',
        'application/xml',
    ];

    /** Feeds of comments are not what is meant. */
    private const ASIDE = '/comment/i';

    /**
     * @param  string  $base  address of the page
     * @return list<string> addresses, those for the whole site first
     */
    public static function in(string $html, string $base): array
    {
        $found = [[], []];
        preg_match_all('/<link\b[^>]*>/i', $html, $links);
        foreach ($links[0] as $link) {
            $attribute = fn (string $name): string => preg_match(
                '/\b'.$name.'\s*=\s*(?:"([^"]*)"|\'([^\']*)\'|([^\s"\'>]+))/i', $link, $match,
            ) === 1 ? html_entity_decode(end($match) ?: '', ENT_QUOTES | ENT_HTML5) : '';
            if (preg_match('/\balternate\b/i', $attribute('rel')) !== 1
                || ! in_array(strtolower(trim((string) strtok($attribute('type'), ';'))), self::TYPES, true)) {
                continue;
            }
            $address = WebAddress::absolute($attribute('href'), $base);
            if ($address !== null && preg_match('~^https?://~', $address) === 1) {
                $found[(int) preg_match(self::ASIDE, $attribute('title').$address)][] = $address;
            }
        }

        return array_values(array_unique(array_merge(...$found)));
    }
}
