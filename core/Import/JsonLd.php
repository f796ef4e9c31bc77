<?php

namespace InkyCard\Import;

/** What a page says of a person, else of a firm, in JSON-LD by the words of schema.org. */
final class JsonLd
{
    private const CONFIDENCE = 0.95;

    /** Nodes within nodes. */
    private const DEEPEST = 12;

    private const FIRMS = '/(?:Organization|Corporation|Business|Store|Practice|Agency|NGO|Restaurant|Hotel|School'
        .'|Clinic)$/D';

    /** Kind => properties of a person that say it, the first that is there. */
    private const PERSON = ['company' => ['worksFor', 'affiliation'], 'headshot' => ['image']];

    private const FIRM = ['company' => ['name'], 'logo' => ['logo', 'image']];

    private const EITHER = [
        'credentials' => ['honorificSuffix'], 'role' => ['jobTitle'], 'tagline' => ['description', 'slogan'],
        'email' => ['email'], 'phone' => ['telephone'], 'url' => ['url'],
    ];

    /** What somebody did who is counted => what they are called. */
    private const AUDIENCES = [
        'FollowAction' => 'followers', 'SubscribeAction' => 'subscribers', 'BefriendAction' => 'contacts',
    ];

    private const PLACE = ['streetAddress', 'addressLocality', 'addressRegion', 'postalCode', 'addressCountry'];

    /** @return list<list<Statement>> by script */
    public static function said(PageNodes $page): array
    {
        $said = [];
        foreach ($page->all('//script[contains(@type,"ld+json")]') as $script) {
            $said[] = self::of((array) json_decode(trim($script->textContent), true, 64), $page);
        }

        return $said;
    }

    /** @return array{still: string, length: string, title: string} of the first film it tells of */
    public static function film(PageNodes $page): array
    {
        foreach ($page->all('//script[contains(@type,"ld+json")]') as $script) {
            $node = self::typed(
                (array) json_decode(trim($script->textContent), true, 64), fn (string $type) => $type === 'VideoObject',
            );
            if ($node !== null) {
                return [
                    'still' => self::picture($node['thumbnailUrl'] ?? $node['thumbnail'] ?? $node['image'] ?? ''),
                    'length' => self::first($node, ['duration']), 'title' => self::first($node, ['name']),
                ];
            }
        }

        return ['still' => '', 'length' => '', 'title' => ''];
    }

    /**
     * @param  array<mixed>  $data
     * @return list<Statement>
     */
    private static function of(array $data, PageNodes $page): array
    {
        $person = self::typed($data, fn (string $type) => $type === 'Person');
        $node = $person ?? self::typed($data, fn (string $type) => preg_match(self::FIRMS, $type) === 1) ?? [];
        $said = $person === null ? [] : [new Statement('name', self::name($node), self::CONFIDENCE)];
        foreach (($person === null ? self::FIRM : self::PERSON) + self::EITHER as $kind => $properties) {
            $value = self::first($node, $properties);
            $value = in_array($kind, ['headshot', 'logo'], true) ? $page->absolute($value) : $value;
            $said[] = new Statement($kind, $value, self::CONFIDENCE);
        }
        $said[] = new Statement('address', self::address($node['address'] ?? ''), self::CONFIDENCE);
        foreach (self::audience($node) as $words) {
            $said[] = new Statement('line', $words, self::CONFIDENCE);
        }
        foreach (array_values((array) ($node['sameAs'] ?? [])) as $same) {
            $said[] = new Statement('url', self::words($same), self::CONFIDENCE);
        }

        return $said;
    }

    /**
     * How many follow them, by `interactionStatistic` (need A12).
     *
     * @param  array<mixed>  $node
     * @return list<string>
     */
    private static function audience(array $node): array
    {
        $stated = (array) ($node['interactionStatistic'] ?? []);
        $said = [];
        foreach (array_is_list($stated) ? $stated : [$stated] as $one) {
            $type = is_array($one) ? basename(self::words($one['interactionType'] ?? '')
                ?: self::words($one['interactionType']['@type'] ?? '')) : '';
            $count = is_array($one) ? $one['userInteractionCount'] ?? null : null;
            if (isset(self::AUDIENCES[$type]) && is_numeric($count) && $count > 0 && $count < 1e10) {
                $said[] = number_format((float) $count).' '.self::AUDIENCES[$type];
            }
        }

        return array_values(array_unique($said));
    }

    /** @param  array<mixed>  $node */
    private static function name(array $node): string
    {
        return self::words($node['name'] ?? '')
            ?: trim(self::words($node['givenName'] ?? '').' '.self::words($node['familyName'] ?? ''));
    }

    private static function address(mixed $place): string
    {
        if (! is_array($place) || array_is_list($place)) {
            return self::words($place);
        }

        return implode(', ', array_filter(array_map(fn (string $part) => self::words($place[$part] ?? ''),
            self::PLACE)));
    }

    /**
     * @param  array<mixed>  $node
     * @param  list<string>  $properties
     */
    private static function first(array $node, array $properties): string
    {
        foreach ($properties as $property) {
            if (isset($node[$property])) {
                return self::words($node[$property]);
            }
        }

        return '';
    }

    /** Where a picture is, whatever it is called. */
    private static function picture(mixed $value): string
    {
        $value = is_array($value) && array_is_list($value) ? $value[0] ?? '' : $value;

        return self::words(is_array($value) ? $value['contentUrl'] ?? $value['url'] ?? $value['@id'] ?? '' : $value);
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
                array_is_list($value) ? $value[0] ?? '' : $value['name'] ?? $value['url'] ?? $value['contentUrl']
                    ?? $value['@id'] ?? $value['@value'] ?? '',
                $depth + 1,
            );
        }

        return is_scalar($value) ? trim((string) $value) : '';
    }
}
