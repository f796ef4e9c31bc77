<?php

namespace InkyCard\Link;

use InkyCard\Refusal;
use InkyCard\Type\CleanText;
use InkyCard\Type\Latin;

/**
 * Campaign tags (`utm_source` and its kin) made from patterns, so that a
 * site's own statistics tell a card's visitors from others.
 */
final readonly class CampaignTags
{
    /** Tag => pattern a card starts with. */
    public const PATTERNS = [
        'source' => 'email', 'medium' => 'signature', 'campaign' => '{campaign}', 'content' => '{piece}', 'term' => '',
    ];

    public const TOKENS = ['{person}', '{piece}', '{card}', '{campaign}'];

    private const MAX = 100;

    /** @param  array<key-of<self::PATTERNS>, string>  $patterns */
    private function __construct(public array $patterns)
    {
    }

    /**
     * @param  array<array-key, mixed>  $given  tag => pattern; those left out are as PATTERNS says
     *
     * @throws Refusal with the path `/<tag>`
     */
    public static function of(array $given): self
    {
        $patterns = self::PATTERNS;
        foreach ($patterns as $tag => $pattern) {
            $patterns[$tag] = Refusal::at("/$tag", fn () => self::pattern($given[$tag] ?? $pattern, $tag));
        }
        if ($patterns['source'] === '') {
            throw Refusal::because('Statistics need a source: write email, or switch the tags off.', '/source');
        }

        return new self($patterns);
    }

    /** Whether a pattern speaks of it, such as `{person}`. */
    public function speaksOf(string $token): bool
    {
        return str_contains(implode(' ', $this->patterns), $token);
    }

    /**
     * The tags with their patterns filled in; one that comes out empty is left out.
     *
     * @param  array<string, string>  $values  token => what stands for it, in words
     * @return array<string, string> `utm_source` and so on => value
     */
    public function filled(array $values): array
    {
        $values = array_map(self::plain(...), $values) + array_fill_keys(self::TOKENS, '');
        $tags = [];
        foreach ($this->patterns as $tag => $pattern) {
            $value = strtr($pattern, $values);
            // What stood between two tokens stays behind where one was empty.
            $value = str_contains($pattern, '{')
                ? trim((string) preg_replace('/([-_. ])[-_. ]+/', '$1', $value), '-_. ')
                : $value;
            if ($value !== '') {
                $tags["utm_$tag"] = $value;
            }
        }

        return $tags;
    }

    /**
     * The address with these tags behind its query, before its fragment (RFC 3986, 3). A tag it has already stays as it
     * is.
     *
     * @param  array<string, string>  $tags  as `filled` gave them
     */
    public static function on(string $address, array $tags): string
    {
        $fragment = strstr($address, '#');
        $page = $fragment === false ? $address : substr($address, 0, -strlen($fragment));
        [$path, $query] = explode('?', $page, 2) + [1 => ''];
        $has = [];
        foreach (preg_split('/[&;]/', $query) ?: [] as $pair) {
            $has[strtolower(urldecode(explode('=', $pair, 2)[0]))] = true;
        }
        $added = http_build_query(array_diff_key($tags, $has), '', '&', PHP_QUERY_RFC3986);
        if ($added === '') {
            return $address;
        }
        // A host alone has an empty path, which some servers do not take a query after.
        $path .= preg_match('~^https?://[^/]+$~i', $path) === 1 ? '/' : '';

        return $path.'?'.($query === '' ? '' : rtrim($query, '&').'&').$added.$fragment;
    }

    /** An address without campaign tags: those of a signature brought in belong to where it was made. */
    public static function off(string $address): string
    {
        $fragment = (string) strstr($address, '#');
        $page = $fragment === '' ? $address : substr($address, 0, -strlen($fragment));
        [$path, $query] = explode('?', $page, 2) + [1 => ''];
        $kept = array_filter(
            explode('&', $query), fn (string $pair) => preg_match('/^utm_[a-z_]+(?:=|$)/i', $pair) !== 1,
        );
        $left = implode('&', $kept);

        return $left === $query ? $address : $path.($left === '' ? '' : "?$left").$fragment;
    }

    /**
     * Lower case, letters and digits of ASCII with hyphens: statistics take Spring, spring and SPRING for three
     * campaigns.
     */
    public static function plain(string $words): string
    {
        return trim((string) preg_replace('/[^a-z0-9]+/', '-', Latin::of($words)), '-');
    }

    private static function pattern(mixed $raw, string $tag): string
    {
        $pattern = CleanText::of($raw, self::MAX, "$tag tag");
        if (preg_match('/[?&#=\/\\\\%"\'<>]/', $pattern) === 1) {
            throw Refusal::because(
                'The :tag tag is letters, digits, spaces and hyphens, and the words in braces.',
                values: ['tag' => $tag],
            );
        }
        foreach (preg_match_all('/\{[^}]*\}?|\}/', $pattern, $found) === false ? [] : $found[0] as $token) {
            if (! in_array($token, self::TOKENS, true)) {
                $values = ['token' => $token, 'choices' => implode(', ', self::TOKENS)];
                throw Refusal::because('There is no :token: use :choices.', values: $values);
            }
        }

        return $pattern;
    }
}
