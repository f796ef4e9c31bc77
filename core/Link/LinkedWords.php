<?php

namespace InkyCard\Link;

use InkyCard\Refusal;

/**
 * Words of a sentence that lead somewhere, written as in CommonMark: `Come and [see it](quillfern.example/open) soon`.
 * What stands in brackets without an address behind it is words.
 */
final class LinkedWords
{
    private const PHRASE = '/\[([^\[\]\n]{1,200})\]'
        .'\(([^()\s]*(?:\([^()\s]*\)[^()\s]*)*|mailto:[^()\n]+|\+[\d .-]+)\)/u';

    /**
     * With every address in its own form.
     *
     * @param  string  $country  ISO 3166-1 alpha-2, for numbers without a country
     *
     * @throws Refusal for an address that is none
     */
    public static function parse(string $text, string $country): string
    {
        return (string) preg_replace_callback(self::PHRASE, function (array $match) use ($country): string {
            try {
                return self::phrase($match[1], Target::parse($match[2], $country));
            } catch (Refusal $refusal) {
                throw Refusal::because(
                    'Behind [:match]: :says', values: ['match' => $match[1], 'says' => $refusal->said],
                );
            }
        }, $text);
    }

    /** Words that lead to an address. */
    public static function phrase(string $words, string $address): string
    {
        $words = strtr($words, '[]', '()');

        return "[$words](".strtr($address, ['(' => '%28', ')' => '%29', ' ' => '%20']).')';
    }

    /** @return list<array{string, ?string}> words, and where they lead */
    public static function parts(string $text): array
    {
        // Most lines lead nowhere, and every line of a card is asked at each composing.
        if (! str_contains($text, '](')) {
            return $text === '' ? [] : [[$text, null]];
        }
        $parts = [];
        $from = 0;
        preg_match_all(self::PHRASE, $text, $found, PREG_SET_ORDER | PREG_OFFSET_CAPTURE);
        foreach ($found as [[$whole, $at], [$words], [$address]]) {
            $parts[] = [substr($text, $from, $at - $from), null];
            $parts[] = [$words, $address];
            $from = $at + strlen($whole);
        }
        $parts[] = [substr($text, $from), null];

        return array_values(array_filter($parts, fn (array $part) => $part[0] !== ''));
    }

    /** What is read of it. */
    public static function words(string $text): string
    {
        return implode('', array_column(self::parts($text), 0));
    }
}
