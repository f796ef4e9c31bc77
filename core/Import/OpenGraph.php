<?php

namespace InkyCard\Import;

/** What a page says of itself by the Open Graph protocol. */
final class OpenGraph
{
    private const CONFIDENCE = 0.5;

    /** @return list<Statement> */
    public static function said(PageNodes $page): array
    {
        $of = fn (string $name): string => trim(
            ($page->all("//meta[@property=\"$name\" or @name=\"$name\"]")[0] ?? null)?->getAttribute('content') ?? '',
        );
        $whole = trim($of('profile:first_name').' '.$of('profile:last_name'));
        // Titles name the page's site behind a bar or dash.
        $title = $of('og:type') === 'profile' ? (string) preg_replace('/\s+[|–—·-]\s.*$/u', '', $of('og:title')) : '';
        $said = [
            'name' => $whole ?: $title, 'company' => $of('og:site_name'), 'tagline' => $of('og:description'),
            'headshot' => $page->absolute($of('og:image')), 'url' => $page->absolute($of('og:url')),
        ];

        return array_map(
            fn (string $kind, string $value) => new Statement($kind, $value, self::CONFIDENCE),
            array_keys($said), $said,
        );
    }
}
