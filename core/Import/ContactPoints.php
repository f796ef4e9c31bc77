<?php

namespace InkyCard\Import;

/** Mail addresses, sites, numbers and pronouns within lines of words. */
final class ContactPoints
{
    /** Longer stretches are prose, characters. */
    private const PROSE = 200;

    private const PHONE = '/(?<![\w.+-])(\+?\(?\d[\d ().\/\x{2013}-]{6,18}\d(?:\s*(?:ext|x|durchwahl'
        .'|dw)\.?\s*\d{1,6})?)(?![\w@])/iu';

    /** Behind a name, often in brackets. */
    private const PRONOUNS = '~[(\[]?\b((?:she|he|they|ze|xe|fae|sie'
        .'|er)\s?/\s?(?:\p{L}{2,6})(?:\s?/\s?\p{L}{2,7})?)[)\]]?\s*$~iu';

    private const MAIL = '/[\w.+\'-]+@[\p{L}\w-]+(?:\.[\p{L}\w-]+)+/u';

    private const SITE = '~(?<![@\w.-])(?:https?://)?(?:www\.)?[\p{L}\w-]+(?:\.[\p{L}\w-]+)*\.(?:com|org|net|example'
        .'|co\.uk|de|fr|eu|io|studio|design|shop|info|biz|uk|ch|at|nl|se|no|dk|es|it|pt|pl|ie|us|ca|au'
        .'|nz)(?:/[^\s|,;<>]*)?(?![\w@])~iu';

    /** Signs between what stands side by side. */
    private const BETWEEN = '\s|•·,;:–—-';

    public static function isSite(string $text): bool
    {
        return preg_match(self::SITE, $text) === 1 && ! str_contains(trim($text), ' ');
    }

    /** What sort of number one is, by the label before it; empty where none is. */
    public static function sort(string $before): string
    {
        foreach (array_keys(Words::groups('phones')) as $sort) {
            $labels = Words::pattern('phones', $sort);
            if (preg_match("/(?<![\p{L}\p{N}])(?:$labels)\s*[.:]?\s*$/iu", $before) === 1) {
                return $sort;
            }
        }

        return '';
    }

    /** Takes them out of a stretch of words, into the facts; gives back what is left. */
    public static function takeOut(string $part, Facts $facts): string
    {
        // A closing keeps its comma, and so does what may be one.
        if (mb_strlen($part) > self::PROSE || Closing::is(trim($part)) || Closing::mayBe(trim($part))) {
            return trim($part);
        }
        $part = self::take(self::PRONOUNS, $part, fn ($it) => $facts->add('pronouns', ['text' => $it[1]], 0.95,
            $it[1]));
        $part = self::take(
            self::MAIL, $part, fn ($it) => $facts->add('email', ['address' => rtrim($it[0], '.')], 0.93, $it[0]),
        );
        $part = self::take(self::SITE, $part, fn ($it) => self::site(rtrim($it[0], '.,'), $facts));
        // A number of a register is none to dial.
        $part = Words::within('licences', $part) ? $part : self::takeNumbers($part, $facts);

        return self::rest($part);
    }

    private static function site(string $site, Facts $facts): bool
    {
        return Facts::isProfile($site)
            ? $facts->profile($site)
            : $facts->add('web', ['address' => $site], 0.9, $site);
    }

    /** @param  \Closure(array<string>): bool  $add  whether what was found is taken */
    private static function take(string $pattern, string $part, \Closure $add): string
    {
        return (string) preg_replace_callback($pattern, fn (array $it) => $add($it) ? ' ' : $it[0], $part);
    }

    private static function takeNumbers(string $part, Facts $facts): string
    {
        $take = function (array $match) use ($part, $facts): string {
            [$number, $at] = $match[1];
            $fields = ['number' => $number, 'sort' => self::sort(substr($part, 0, $at))];

            return $facts->add('phone', $fields, str_starts_with($number, '+') ? 0.95 : 0.85, $number)
                ? ' '
                : $match[0][0];
        };

        return (string) preg_replace_callback(self::PHONE, $take, $part, -1, $count, PREG_OFFSET_CAPTURE);
    }

    /** Words without the labels and signs of what was taken out; empty where they say nothing alone. */
    private static function rest(string $part): string
    {
        $plain = Words::pattern('labels', 'plain');
        $marked = Words::pattern('labels', 'marked');
        $label = "/^(?:[\p{So}\p{Sm}•·|]|(?:$plain)(?![\p{L}\p{N}])|(?:$marked)(?=\s*[:.|]|\s*$))[\s.:|]*/iu";
        $ends = '/^['.self::BETWEEN.']+|['.self::BETWEEN.']+$/u';
        do {
            $before = $part;
            $part = trim((string) preg_replace([$label, $ends], '', $part));
        } while ($part !== $before && $part !== '');

        return Words::is('leftovers', $part) || preg_match('/^[a-z]$/i', $part) === 1
            || preg_match('/[\p{L}\p{N}]/u', $part) !== 1 ? '' : $part;
    }
}
