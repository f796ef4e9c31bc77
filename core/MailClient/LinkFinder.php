<?php

namespace InkyCard\MailClient;

use InkyCard\Markup\Element;

/** Text a client takes for a link and makes one of: numbers to dial, mail and web addresses, dates. */
final class LinkFinder
{
    private const MONTHS = 'January|February|March|April|May|June|July|August|September|October|November|December';

    /** Number, mail address, web address, date. */
    private const FOUND = '~(?<![\w@/.])(?:(\+?\d[\d ()./-]{6,18}\d)|([\w.+-]+@[\w-]+(?:\.[\w-]+)+)|((?:www\.'
        .'|https?://)[\w-]+(?:\.[\w-]+)+(?:/[^\s<>"\']*)?|[\w-]+(?:\.[\w-]+)*\.(?:com|org|net'
        .'|example)(?:/[^\s<>"\']*)?)|(\d{1,2}\.? (?:'.self::MONTHS.')(?: \d{4})?))(?![\w@])~u';

    private const COLOUR = '#1a5fb4';

    /** Digits of what is taken for a number to dial: fewest and most (E.164 counts 15). */
    private const DIGITS = [7, 15];

    /** @return list<Element|string> the text in parts, what was found as links with what stood there */
    public static function in(string $text): array
    {
        if (strlen($text) < 6 || strpbrk($text, '0123456789.@') === false
            || preg_match_all(self::FOUND, $text, $found, PREG_OFFSET_CAPTURE | PREG_SET_ORDER) < 1) {
            return [$text];
        }
        $parts = [];
        $at = 0;
        foreach ($found as $match) {
            [$words, $offset] = $match[0];
            $href = self::address($words, array_map(fn (array $group) => $group[0], $match));
            array_push($parts, substr($text, $at, $offset - $at), $href === null ? $words : self::link($words, $href));
            $at = $offset + strlen($words);
        }
        $parts[] = substr($text, $at);

        return array_values(array_filter($parts, fn (Element|string $part) => $part !== ''));
    }

    /** @param  array<string>  $groups  of the pattern */
    private static function address(string $words, array $groups): ?string
    {
        if ($groups[1] !== '') {
            $digits = strlen((string) preg_replace('/\D/', '', $words));

            return $digits < self::DIGITS[0] || $digits > self::DIGITS[1]
                ? null
                : 'tel:'.preg_replace('/[^\d+]/', '', $words);
        }

        return match (true) {
            str_contains($words, '@') => "mailto:$words",
            ($groups[4] ?? '') !== '' => '#',
            default => str_starts_with($words, 'http') ? $words : "https://$words",
        };
    }

    private static function link(string $words, string $href): Element
    {
        $style = [['color', self::COLOUR], ['text-decoration', 'underline']];
        $link = new Element('a', ['href' => $href], $style, [$words]);
        $link->changed = true;

        return $link;
    }
}
