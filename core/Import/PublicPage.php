<?php

namespace InkyCard\Import;

use InkyCard\Markup\MailDocument;
use League\Uri\Uri;

/**
 * What a public page says of a person in forms meant for machines: JSON-LD
 * (schema.org Person, else an organisation), h-card (microformats2) and the
 * Open Graph, the surer ones first. What one has said, a weaker one does not
 * say again.
 */
final class PublicPage
{
    private const DEEPEST = 12;

    /** Nodes of one sort, and facts in all, that are looked at. */
    private const MOST = 200;

    /** Share of certainty by form. */
    private const JSON_LD = 0.95;

    private const H_CARD = 0.9;

    private const OPEN_GRAPH = 0.5;

    private const FIRMS = '/(?:Organization|Corporation|Business|Store|Practice|Agency|NGO|Restaurant|Hotel|School'
        .'|Clinic)$/D';

    /** @var list<array{string, string, float}> kind, value, confidence; links of any sort are `url` */
    private array $said = [];

    private function __construct(private readonly string $address)
    {
    }

    /** Whether a whole document says anything in one of these forms. */
    public static function speaks(string $html): bool
    {
        return preg_match(
            '~<script\b[^>]*application/ld\+json|<meta\b[^>]*["\'](?:og|profile):\w+["\']'
                .'|<html\b.*\bclass\s*=\s*["\'][^"\']*\bh-card\b~is',
            $html,
        ) === 1;
    }

    /**
     * @param  string  $address  where it stood, for what it names relative to itself; a `base` element counts more
     * @return list<array{string, string, float}> kind of piece (or `url`), value, confidence 0 to 1
     */
    public static function said(string $html, string $address = ''): array
    {
        $dom = MailDocument::dom(MailDocument::utf8($html));
        $path = new \DOMXPath($dom);
        $base = self::nodes($path, '//base[@href]')[0] ?? null;
        $page = new self($base?->getAttribute('href') ?? $address);
        foreach (self::nodes($path, '//script[contains(@type,"ld+json")]') as $script) {
            $data = json_decode(trim($script->textContent), true, 64);
            is_array($data) && $page->linked($data);
        }
        $card = self::nodes($path, '//*['.self::has('h-card').']')[0] ?? null;
        $card !== null && $page->card($path, $card);
        $page->graph($path);

        return $page->said;
    }

    /** @param  array<mixed>  $data */
    private function linked(array $data): void
    {
        $person = self::typed($data, fn (string $type) => $type === 'Person');
        $firm = $person === null ? self::typed($data, fn (string $type) => preg_match(self::FIRMS, $type) === 1) : null;
        $node = $person ?? $firm;
        if ($node === null) {
            return;
        }
        $whole = trim(self::words($node['givenName'] ?? '').' '.self::words($node['familyName'] ?? ''));
        $place = $node['address'] ?? '';
        $this->say(self::JSON_LD, [
            [$person === null ? 'company' : 'name', self::words($node['name'] ?? '') ?: $whole],
            ['credentials', self::words($node['honorificSuffix'] ?? '')],
            ['role', self::words($node['jobTitle'] ?? '')],
            ['company', $person === null ? '' : self::words($node['worksFor'] ?? ($node['affiliation'] ?? ''))],
            ['tagline', self::words($node['description'] ?? ($node['slogan'] ?? ''))],
            ['email', self::words($node['email'] ?? '')],
            ['phone', self::words($node['telephone'] ?? '')],
            ['url', self::words($node['url'] ?? '')],
            [
                'address',
                is_array($place) && ! array_is_list($place)
                    ? implode(
                        ', ',
                        array_filter(
                            array_map(self::words(...), [
                                $place['streetAddress'] ?? '', $place['addressLocality'] ?? '',
                                $place['addressRegion'] ?? '', $place['postalCode'] ?? '',
                                $place['addressCountry'] ?? '',
                            ]),
                        ),
                    )
                    : self::words($place),
            ],
            ['headshot', $person === null ? '' : $this->absolute(self::words($node['image'] ?? ''))],
            ['logo', $person === null ? $this->absolute(self::words($node['logo'] ?? ($node['image'] ?? ''))) : ''],
            ...array_map(fn ($same) => ['url', self::words($same)], array_values((array) ($node['sameAs'] ?? []))),
        ]);
    }

    private function card(\DOMXPath $path, \DOMElement $card): void
    {
        // What stands in a card within it is said of that one.
        $of = function (string $class) use ($path, $card): array {
            return array_values(
                array_filter(self::nodes($path, './/*['.self::has($class).']', $card), function (
                    \DOMElement $node,
                ) use ($path, $card) {
                    $owner = self::nodes($path, 'ancestor::*['.self::has('h-card').']', $node);

                    return end($owner) === $card;
                }));
        };
        $text = fn (string $class): string => trim(
            (string) preg_replace('/\s+/u', ' ', ($of($class)[0] ?? null)->textContent ?? ''),
        );
        $link = fn (\DOMElement $node): string => $node->getAttribute('href')
        ?: $node->getAttribute('src')
        ?: trim($node->textContent);
        $photo = $of('u-photo')[0] ?? null;
        $this->say(self::H_CARD, [
            [
                'name',
                $text('p-name')
                ?: ($of('p-name') === [] && $card->childElementCount === 0
                    ? trim($card->textContent)
                    : ''),
            ],
            ['credentials', $text('p-honorific-suffix')],
            ['role', $text('p-job-title') ?: $text('p-role')],
            ['company', $text('p-org')],
            ['tagline', $text('p-note')],
            [
                'address',
                $text('p-adr')
                ?: $text('h-adr')
                ?: implode(
                    ', ',
                    array_filter([
                        $text('p-street-address'), $text('p-locality'), $text('p-postal-code'), $text('p-country-name'),
                    ]),
                ),
            ],
            ['headshot', $photo === null ? '' : $this->absolute($link($photo))],
            ...array_map(fn (\DOMElement $node) => ['email', $link($node)], $of('u-email')),
            ...array_map(fn (\DOMElement $node) => ['phone', $node->getAttribute('href') ?: trim($node->textContent)], [
                ...$of('p-tel'),
                ...$of('u-tel'),
            ]),
            ...array_map(fn (\DOMElement $node) => ['url', $this->absolute($link($node))], $of('u-url')),
            ...array_map(
                fn (\DOMElement $node) => ['url', $this->absolute($node->getAttribute('href'))],
                self::nodes($path, './/a[contains(concat(" ",@rel," ")," me ")]', $card),
            ),
        ]);
    }

    private function graph(\DOMXPath $path): void
    {
        $of = function (string $name) use ($path): string {
            return trim(
                (self::nodes($path, "//meta[@property=\"$name\" or @name=\"$name\"]")[0] ?? null)?->getAttribute(
                    'content',
                ) ?? '',
            );
        };
        $whole = trim($of('profile:first_name').' '.$of('profile:last_name'));
        // Titles name the page's site behind a bar or dash.
        $title = $of('og:type') === 'profile' ? (string) preg_replace('/\s+[|–—·-]\s.*$/u', '', $of('og:title')) : '';
        $this->say(self::OPEN_GRAPH, [
            ['name', $whole ?: $title], ['company', $of('og:site_name')], ['tagline', $of('og:description')],
            ['headshot', $this->absolute($of('og:image'))], ['url', $this->absolute($of('og:url'))],
        ]);
    }

    /** @param  list<array{string, string}>  $said */
    private function say(float $confidence, array $said): void
    {
        $before = array_column($this->said, 0);
        foreach ($said as [$kind, $value]) {
            $value = trim(html_entity_decode($value, ENT_QUOTES | ENT_HTML5));
            if ($value !== '' && ! in_array($kind, $before, true) && count($this->said) < self::MOST) {
                $this->said[] = [$kind, $value, $confidence];
            }
        }
    }

    private function absolute(string $address): string
    {
        try {
            return $address === '' || $this->address === '' || preg_match('/^[a-z][a-z0-9+.-]*:/i', $address) === 1
                ? $address
                : (string) Uri::fromBaseUri($address, $this->address);
        } catch (\League\Uri\Contracts\UriException) {
            return '';
        }
    }

    /**
     * The first node of a type, wherever it hangs.
     *
     * @param  array<mixed>  $data
     * @param  \Closure(string): bool  $is
     * @return array<mixed>|null
     */
    private static function typed(array $data, \Closure $is, int $depth = 0): ?array
    {
        foreach ((array) ($data['@type'] ?? []) as $type) {
            if (is_string($type) && $is(basename($type))) {
                return $data;
            }
        }
        foreach ($depth < self::DEEPEST ? $data : [] as $part) {
            if (is_array($part) && ($found = self::typed($part, $is, $depth + 1)) !== null) {
                return $found;
            }
        }

        return null;
    }

    /** A value, the first of a list, or what a node is called or where it is. */
    private static function words(mixed $value, int $depth = 0): string
    {
        if (is_array($value) && $depth < 4) {
            return self::words(
                array_is_list($value)
                    ? $value[0] ?? ''
                    : $value['name']
                        ?? ($value['url'] ?? ($value['contentUrl'] ?? ($value['@id'] ?? ($value['@value'] ?? '')))),
                $depth + 1,
            );
        }

        return is_scalar($value) ? trim((string) $value) : '';
    }

    private static function has(string $class): string
    {
        return "contains(concat(' ',normalize-space(@class),' '),' $class ')";
    }

    /** @return list<\DOMElement> */
    private static function nodes(\DOMXPath $path, string $query, ?\DOMElement $in = null): array
    {
        $found = [];
        foreach ($path->query($query, $in) ?: [] as $node) {
            if (count($found) === self::MOST) {
                break;
            }
            $node instanceof \DOMElement && $found[] = $node;
        }

        return $found;
    }
}
