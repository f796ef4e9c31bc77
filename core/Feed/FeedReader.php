<?php

namespace InkyCard\Feed;

use InkyCard\Link\WebAddress;
use InkyCard\Refusal;
use InkyCard\Time\Clock;

/**
 * Reads feeds: RSS 0.91 to 2.0 (RSS Advisory Board, RSS 2.0.11) and 1.0 (RDF), Atom 1.0 (RFC 4287) and 0.3, JSON Feed
 * 1.0 and 1.1. What is no feed is refused with what it seems to be.
 */
final class FeedReader
{
    /** Entries looked at. */
    private const MOST = 200;

    private const TITLE = 160;

    private const ATOM = ['http://www.w3.org/2005/Atom', 'http://purl.org/atom/ns#'];

    /** Elements that say when an entry came out, those that count first. */
    private const DATES = ['published', 'pubDate', 'issued', 'date', 'updated', 'modified', 'created'];

    /**
     * @param  string  $bytes  as fetched
     * @param  string  $base  address it was fetched from
     *
     * @throws Refusal
     */
    public static function read(string $bytes, string $base): Feed
    {
        $text = ltrim((string) preg_replace('/^\xEF\xBB\xBF/', '', $bytes));
        $feed = match (true) {
            $text === '' => throw Refusal::because('There is nothing at that address.'),
            $text[0] === '{' => self::json($text, $base),
            preg_match('/^<(!doctype html|html)\b/i', $text) === 1 => throw self::page(),
            $text[0] === '<' => self::xml($text, $base),
            default => throw Refusal::because('That is no feed, and no page either: look for the address that ends in '
                .'.xml, .rss, .atom or /feed.'),
        };
        if ($feed->entries === []) {
            throw Refusal::because('That is a feed, and nothing is in it yet.');
        }

        return $feed;
    }

    private static function page(): Refusal
    {
        return Refusal::because(
            'That is a page without a feed: look for the address behind “RSS”, or try it with /feed behind it.',
        );
    }

    private static function json(string $text, string $base): Feed
    {
        $given = json_decode($text, true, 64);
        if (! is_array($given) || ! is_string($given['version'] ?? null)
            || ! str_contains($given['version'], 'jsonfeed.org') || ! is_array($given['items'] ?? null)) {
            throw Refusal::because('That is data, and no feed: a JSON feed says so in its version.');
        }
        $entries = [];
        foreach (array_slice($given['items'], 0, self::MOST) as $item) {
            $item = is_array($item) ? $item : [];
            $text = fn (string $key): string => is_string($item[$key] ?? null) ? $item[$key] : '';
            $entries[] = self::entry(
                $text('title') ?: $text('content_text') ?: $text('summary') ?: self::plain($text('content_html')),
                $text('url') ?: $text('external_url') ?: $text('id'), $base,
                Clock::read($text('date_published') ?: $text('date_modified')),
            );
        }

        return self::sorted(self::words(is_string($given['title'] ?? null) ? $given['title'] : ''), $entries);
    }

    private static function xml(string $text, string $base): Feed
    {
        // What names entities of its own can grow without end, or read files.
        if (preg_match('/<!ENTITY/i', $text) === 1) {
            throw Refusal::because('This feed defines entities of its own, which is not read: ask whoever makes it.');
        }
        $document = new \DOMDocument;
        $before = libxml_use_internal_errors(true);
        $read = $document->loadXML($text, LIBXML_NONET | LIBXML_COMPACT);
        // Stray signs are common: what can be mended is read.
        if (! $read) {
            $document->recover = true;
            $read = $document->loadXML(self::mended($text), LIBXML_NONET);
        }
        libxml_clear_errors();
        libxml_use_internal_errors($before);
        $root = $read ? $document->documentElement : null;
        if ($root === null || ! in_array($root->localName, ['rss', 'RDF', 'feed'], true)) {
            throw preg_match('/<html\b/i', $text) === 1 ? self::page()
                : Refusal::because('That is XML, and no feed: none of RSS, Atom and JSON Feed.');
        }
        $atom = $root->localName === 'feed' && in_array($root->namespaceURI, self::ATOM, true);
        $channel = $root->localName === 'feed' ? $root : (self::child($root, 'channel') ?? $root);
        $entries = [];
        foreach (self::items($root) as $item) {
            $entries[] = self::entry(
                self::title($item), $atom ? self::atomLink($item) : self::rssLink($item), $base, self::date($item),
            );
        }

        return self::sorted(self::words(self::text($channel, 'title')), $entries);
    }

    /** @return list<\DOMElement> */
    private static function items(\DOMElement $root): array
    {
        $items = [];
        foreach ($root->getElementsByTagNameNS('*', $root->localName === 'feed' ? 'entry' : 'item') as $item) {
            if (count($items) < self::MOST) {
                $items[] = $item;
            }
        }

        return $items;
    }

    /** A title is words; what is marked up in it, or written as markup, is read as such. */
    private static function title(\DOMElement $item): string
    {
        $title = self::child($item, 'title');
        if ($title !== null) {
            $type = $title->getAttribute('type');

            return $type === 'text' ? $title->textContent : self::plain($title->textContent);
        }
        // An entry of words alone has no title: its first words stand for it.
        foreach (['description', 'summary', 'content'] as $name) {
            $words = self::plain(self::text($item, $name));
            if ($words !== '') {
                return $words;
            }
        }

        return '';
    }

    private static function atomLink(\DOMElement $item): string
    {
        $found = '';
        foreach ($item->childNodes as $node) {
            if ($node instanceof \DOMElement && $node->localName === 'link'
                && in_array($node->getAttribute('rel'), ['', 'alternate'], true)) {
                $type = $node->getAttribute('type');
                if ($found === '' || str_contains($type, 'html')) {
                    $found = self::against($node, $node->getAttribute('href'));
                }
            }
        }

        return $found;
    }

    private static function rssLink(\DOMElement $item): string
    {
        $link = trim(self::text($item, 'link'));
        if ($link !== '') {
            return $link;
        }
        $guid = self::child($item, 'guid');
        if ($guid !== null && $guid->getAttribute('isPermaLink') !== 'false'
            && preg_match('~^https?://~', trim($guid->textContent)) === 1) {
            return trim($guid->textContent);
        }

        // A link of Atom within RSS, or what an RDF item is about.
        return self::atomLink($item) ?: $item->getAttributeNS('http://www.w3.org/1999/02/22-rdf-syntax-ns#', 'about');
    }

    /** By what `xml:base` of it and of what is around it says (RFC 4287, 2). */
    private static function against(\DOMElement $node, string $href): string
    {
        for ($at = $node; $at instanceof \DOMElement; $at = $at->parentNode) {
            $base = $at->getAttributeNS('http://www.w3.org/XML/1998/namespace', 'base');
            if ($base !== '' && preg_match('~^https?://~', $href) !== 1) {
                $href = WebAddress::absolute($href, $base) ?? $href;
            }
        }

        return $href;
    }

    private static function date(\DOMElement $item): ?int
    {
        foreach (self::DATES as $name) {
            $moment = Clock::read(self::text($item, $name));
            if ($moment !== null) {
                return $moment;
            }
        }

        return null;
    }

    private static function entry(string $title, string $address, string $base, ?int $at): ?Entry
    {
        $title = self::words($title);
        $absolute = $address === '' ? null : WebAddress::absolute(trim($address), $base);
        if ($title === '' || $absolute === null || preg_match('~^https?://~', $absolute) !== 1) {
            return null;
        }
        try {
            return new Entry($title, WebAddress::parse($absolute, 'address of an entry')->address, $at);
        } catch (Refusal) {
            return null;
        }
    }

    /** @param  list<?Entry>  $entries  The newest first; where none says when, as the feed has them. */
    private static function sorted(string $title, array $entries): Feed
    {
        $entries = array_values(array_filter($entries));
        usort($entries, fn (Entry $one, Entry $other) => ($other->at ?? 0) <=> ($one->at ?? 0));

        return new Feed($title, $entries);
    }

    private static function child(\DOMElement $of, string $name): ?\DOMElement
    {
        foreach ($of->childNodes as $node) {
            if ($node instanceof \DOMElement && $node->localName === $name) {
                return $node;
            }
        }

        return null;
    }

    private static function text(\DOMElement $of, string $name): string
    {
        return self::child($of, $name)->textContent ?? '';
    }

    /** Without markup, and what is written as markup twice over. */
    private static function plain(string $html): string
    {
        $text = (string) preg_replace('~<(script|style)\b.*?</\1>~is', ' ', $html);
        $text = html_entity_decode(strip_tags((string) preg_replace('/<(?=[a-z!\/])/i', ' <', $text)),
            ENT_QUOTES | ENT_HTML5);

        return preg_match('~<[a-z!/]~i', $text) === 1 ? strip_tags($text) : $text;
    }

    private static function words(string $text): string
    {
        $text = (string) preg_replace(
            '/[\p{Cc}\x{200E}\x{200F}\x{202A}-\x{202E}\x{2066}-\x{2069}]+/u', ' ', mb_scrub($text),
        );

        return mb_strimwidth(trim((string) preg_replace('/\s+/u', ' ', $text)), 0, self::TITLE, '…');
    }

    /** What is no sign of XML, and what was meant to be an ampersand. */
    private static function mended(string $text): string
    {
        $text = (string) preg_replace('/[\x00-\x08\x0B\x0C\x0E-\x1F]/', '', $text);

        // Names of HTML that XML has not.
        $text = (string) preg_replace_callback('/&(?!(?:amp|lt|gt|quot|apos);)([a-z]\w{1,30};)/i',
            fn (array $name) => html_entity_decode("&$name[1]", ENT_QUOTES | ENT_HTML5), $text);

        return (string) preg_replace('/&(?!#?\w{1,31};)/', '&amp;', $text);
    }
}
