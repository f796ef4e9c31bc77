<?php

namespace InkyCard\Import;

use InkyCard\Picture\FilmLength;
use InkyCard\Refusal;

/**
 * What a page says of the film on it: its still, how long it is and what it is called; by VideoObject of schema.org,
 * then the Open Graph, then the page's own player.
 */
final readonly class FilmPage
{
    private const MOST = 2_000_000;

    /**
     * @param  string  $still  address of a picture, absolute
     * @param  string  $length  see FilmLength; empty where it is not said
     * @param  string  $title  empty where it is not said
     */
    private function __construct(public string $still, public string $length, public string $title)
    {
    }

    /**
     * @param  string  $address  where it stood
     *
     * @throws Refusal where it names no still
     */
    public static function read(string $html, string $address): self
    {
        $page = new PageNodes(substr($html, 0, self::MOST), $address);
        $film = JsonLd::film($page);
        $of = fn (string ...$names): string => self::first(array_map(fn (string $name): string => trim(
            ($page->all("//meta[@property=\"$name\" or @name=\"$name\" or @itemprop=\"$name\"]")[0] ?? null)
                ?->getAttribute('content') ?? '',
        ), $names));
        $poster = ($page->all('//video[@poster]')[0] ?? null)?->getAttribute('poster') ?? '';
        $still = $page->absolute(self::first([
            $film['still'], $of('og:image:secure_url', 'og:image'), $of('twitter:image', 'thumbnailUrl'), $poster,
        ]));
        if (preg_match('~^https?://~i', $still) !== 1) {
            throw Refusal::because(
                'This page names no still of a film: take a picture of it, or copy the address of one.',
            );
        }

        return new self(
            $still,
            FilmLength::read(self::first([$film['length'], $of('duration', 'video:duration', 'og:video:duration')])),
            self::first([$film['title'], $of('og:title'), trim(($page->all('//title')[0] ?? null)->textContent ?? '')]),
        );
    }

    /** @param  array<string>  $values */
    private static function first(array $values): string
    {
        return array_values(array_filter($values))[0] ?? '';
    }
}
