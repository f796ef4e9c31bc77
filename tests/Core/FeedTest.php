<?php

namespace Tests\Core;

use InkyCard\Feed\FeedFinder;
use InkyCard\Feed\FeedReader;
use InkyCard\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Feeds as they are met: of every format, and odd in every way. */
final class FeedTest extends TestCase
{
    private const BASE = 'https://quillfern.example/journal/feed.xml';

    private const HERE = 'https://quillfern.example/journal/wet';

    private static function rss(string $items, string $channel = ''): string
    {
        return '<?xml version="1.0"?><rss version="2.0" xmlns:dc="http://purl.org/dc/elements/1.1/" '
            .'xmlns:atom="http://www.w3.org/2005/Atom" xmlns:content="http://purl.org/rss/1.0/modules/content/">'
            ."<channel><title>Journal</title>$channel$items</channel></rss>";
    }

    private static function atom(string $entries, string $more = ''): string
    {
        return '<feed xmlns="http://www.w3.org/2005/Atom"'.$more."><title>Journal</title>$entries</feed>";
    }

    private static function item(string $in): string
    {
        return "<item>$in</item>";
    }

    /** @return iterable<string, array{string, string, string, ?string}> feed, newest title, address, day */
    public static function feeds(): iterable
    {
        $here = '<link>'.self::HERE.'</link>';
        $wet = '<title>Wet</title>';
        yield 'RSS 2.0' => [self::rss(self::item("$wet$here<pubDate>Sat, 28 Nov 2026 09:00:00 GMT</pubDate>")), 'Wet',
            self::HERE, '2026-11-28'];
        yield 'newest last' => [self::rss(self::item('<title>Old</title><link>/a</link><pubDate>1 Jan 2026 0:00:00 GMT'
            .'</pubDate>').self::item("$wet$here<pubDate>2 Jan 2026 00:00:00 +0000</pubDate>")), 'Wet', self::HERE,
            '2026-01-02'];
        yield 'no dates' => [self::rss(self::item("$wet$here").self::item('<title>B</title><link>/b</link>')), 'Wet',
            self::HERE, null];
        yield 'a broken date' => [self::rss(self::item("$wet$here<pubDate>yesterday-ish</pubDate>")), 'Wet', self::HERE,
            null];
        yield 'a day in another language' => [self::rss(self::item("$wet$here<pubDate>Sa., 28 Nov 2026 09:00:00 +0100"
            .'</pubDate>')), 'Wet', self::HERE, '2026-11-28'];
        yield 'a Dublin Core date' => [self::rss(self::item("$wet$here<dc:date>2026-11-27T08:00:00Z</dc:date>")), 'Wet',
            self::HERE, '2026-11-27'];
        yield 'a title with markup in CDATA' => [self::rss(self::item('<title><![CDATA[<b>Wet</b> &amp; dry]]></title>'
            .$here)), 'Wet & dry', self::HERE, null];
        yield 'a title escaped twice' => [self::rss(self::item(
            "<title>&amp;lt;i&amp;gt;Wet&amp;lt;/i&amp;gt;</title>$here",
        )), 'Wet', self::HERE, null];
        yield 'a script in a title' => [self::rss(self::item('<title><![CDATA[Wet<script>alert(1)</script>]]></title>'
            .$here)), 'Wet', self::HERE, null];
        yield 'less than, not markup' => [self::rss(self::item("<title>3 &lt; 4 beds</title>$here")), '3 < 4 beds',
            self::HERE, null];
        yield 'no title' => [self::rss(self::item("<description>&lt;p&gt;Rain all week&lt;/p&gt;</description>$here")),
            'Rain all week', self::HERE, null];
        yield 'a relative link' => [self::rss(self::item("$wet<link>../journal/wet</link>")), 'Wet', self::HERE, null];
        yield 'a guid for a link' => [self::rss(self::item($wet.'<guid>'.self::HERE.'</guid>')), 'Wet', self::HERE,
            null];
        yield 'a guid that is none' => [self::rss(self::item("$wet<guid isPermaLink=\"false\">x:1</guid>"
            .'<atom:link href="'.self::HERE.'"/>')), 'Wet', self::HERE, null];
        yield 'a link of the channel alone' => [self::rss(self::item("$wet$here").self::item('<title>X</title>')),
            'Wet', self::HERE, null];
        yield 'a stray ampersand' => [self::rss(self::item("<title>Wet & dry</title>$here")), 'Wet & dry', self::HERE,
            null];
        yield 'control signs' => [self::rss(self::item("<title>We\x08t</title>$here")), 'Wet', self::HERE, null];
        yield 'a mark at its start' => ["\xEF\xBB\xBF\n".self::rss(self::item("$wet$here")), 'Wet', self::HERE, null];
        yield 'Latin-1' => [str_replace('<?xml version="1.0"?>', '<?xml version="1.0" encoding="ISO-8859-1"?>',
            self::rss(self::item("<title>Fr\xFChling</title>$here"))), 'Frühling', self::HERE, null];
        yield 'cut off' => [substr(self::rss(self::item("$wet$here")), 0, -20), 'Wet', self::HERE, null];
        yield 'HTML entities' => [self::rss(self::item("<title>Caf&eacute;</title>$here")), 'Café', self::HERE, null];
        yield 'RSS 0.91' => ['<!DOCTYPE rss><rss version="0.91"><channel><title>J</title>'.self::item("$wet$here")
            .'</channel></rss>', 'Wet', self::HERE, null];
        yield 'RSS 1.0' => ['<rdf:RDF xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#" '
            .'xmlns="http://purl.org/rss/1.0/"><channel><title>J</title></channel><item rdf:about="'.self::HERE.'">'
            ."$wet</item></rdf:RDF>", 'Wet', self::HERE, null];
        yield 'Atom' => [self::atom('<entry><title>Wet</title><link rel="edit" href="/no"/><link href="'.self::HERE
            .'"/><updated>2026-11-28T09:00:00+01:00</updated></entry>'), 'Wet', self::HERE, '2026-11-28'];
        yield 'Atom, published before changed' => [self::atom('<entry><title>Old</title><link href="/o"/><published>'
            .'2025-01-01T00:00:00Z</published><updated>2026-12-01T00:00:00Z</updated></entry><entry><title>Wet</title>'
            .'<link href="'.self::HERE.'"/><published>2026-01-01T00:00:00Z</published></entry>'), 'Wet', self::HERE,
            '2026-01-01'];
        yield 'Atom with a base' => [self::atom('<entry><title type="html">&lt;em&gt;Wet&lt;/em&gt;</title><link '
            .'href="wet"/></entry>', ' xml:base="https://quillfern.example/journal/"'), 'Wet', self::HERE, null];
        yield 'Atom with XHTML' => [self::atom('<entry><title type="xhtml"><div '
            .'xmlns="http://www.w3.org/1999/xhtml">Wet <b>beds</b></div></title><link href="'.self::HERE
            .'"/></entry>'), 'Wet beds', self::HERE, null];
        yield 'Atom 0.3' => ['<feed version="0.3" xmlns="http://purl.org/atom/ns#"><title>J</title><entry><title>Wet'
            .'</title><link rel="alternate" type="text/html" href="'.self::HERE.'"/><issued>'
            .'2026-03-04T05:06:07Z</issued></entry></feed>', 'Wet', self::HERE, '2026-03-04'];
        yield 'a prefix of its own' => ['<a:feed xmlns:a="http://www.w3.org/2005/Atom"><a:title>J</a:title><a:entry>'
            .'<a:title>Wet</a:title><a:link href="'.self::HERE.'"/></a:entry></a:feed>', 'Wet', self::HERE, null];
        yield 'JSON Feed' => [(string) json_encode(['version' => 'https://jsonfeed.org/version/1.1', 'title' => 'J',
            'items' => [['id' => '1', 'title' => 'Wet', 'url' => self::HERE,
                'date_published' => '2026-11-28T09:00:00Z'], 'x']]), 'Wet', self::HERE, '2026-11-28'];
        yield 'JSON Feed without a title' => [(string) json_encode(['version' => 'https://jsonfeed.org/version/1',
            'items' => [['id' => self::HERE, 'content_html' => '<p>Rain <b>all</b> week</p>']]]), 'Rain all week',
            self::HERE, null];
        yield 'signs that turn direction' => [self::rss(self::item("<title>We\u{202E}t</title>$here")), 'We t',
            self::HERE, null];
    }

    #[DataProvider('feeds')]
    public function test_the_newest_entry_is_found(string $feed, string $title, string $address, ?string $day): void
    {
        $newest = FeedReader::read($feed, self::BASE)->newest();
        $this->assertSame([$title, $address], [$newest?->title, $newest?->address]);
        $this->assertSame($day, $newest?->at === null ? null : gmdate('Y-m-d', $newest->at));
    }

    /** @return iterable<string, array{string, string}> */
    public static function others(): iterable
    {
        yield 'nothing' => ['', 'nothing at that address'];
        yield 'a page' => ['<!DOCTYPE html><title>x</title>', 'a page without a feed'];
        yield 'XML' => ['<svg xmlns="http://www.w3.org/2000/svg"/>', 'none of RSS'];
        yield 'data' => ['{"a":1}', 'no feed'];
        yield 'words' => ['Hello', 'no page either'];
        yield 'empty' => [self::rss(''), 'nothing is in it yet'];
        yield 'a script for an address' => [self::rss(self::item('<title>x</title><link>javascript:alert(1)</link>')),
            'nothing is in it yet'];
        yield 'inside the house' => [self::rss(self::item('<title>x</title><link>http://127.0.0.1/</link>')),
            'nothing is in it yet'];
        yield 'laughter' => ['<!DOCTYPE a [<!ENTITY a "ha"><!ENTITY b "&a;&a;">]><rss><channel/></rss>', 'entities'];
    }

    #[DataProvider('others')]
    public function test_what_is_no_feed_is_refused_with_what_it_is(string $bytes, string $says): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessageMatches("/$says/");
        FeedReader::read($bytes, self::BASE);
    }

    public function test_a_page_says_where_its_feeds_are_those_of_comments_last(): void
    {
        $page = '<link rel="stylesheet" href="a.css"><link title="Comments" type="application/rss+xml" rel=alternate '
            ."href='/comments/feed'><LINK REL='alternate' TYPE='application/atom+xml; charset=utf-8' HREF='atom.xml'>"
            .'<link rel="alternate" hreflang="de" href="/de">';
        $this->assertSame(
            ['https://quillfern.example/journal/atom.xml', 'https://quillfern.example/comments/feed'],
            FeedFinder::in($page, 'https://quillfern.example/journal/'),
        );
    }
}
