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

    /** With `www.` any ending is one. */
    private const SITE = '~(?<![@\w.-])(?:(?:https?://|www\.)+[\p{L}\w-]+(?:\.[\p{L}\w-]+)*\.\p{L}{2,24}'
        .'|[\p{L}\w-]+(?:\.[\p{L}\w-]+)*\.(?:com|org|net|example|de|fr|eu|io|studio|design|shop|info|biz|uk|ch|at|nl'
        .'|se|no|dk|es|it|pt|pl|ie|us|ca|au|nz|cz|sk|fi|hu|ro|gr|ru|ua|tr|jp|kr|il|ae|sa|eg|br|mx|be|lu|cn|tw|hk|sg|ar'
        .'|cl|za|hr|si|rs|bg|lt|lv|ee|cat|online|store|agency|law|legal|dev|app|garden|рф))'
        .'(?:/[^\s|,;<>]*)?(?![\w@])~iu';

    /** Signs between what stands side by side. */
    private const BETWEEN = '\s|•·,;:–—-';

    public static function isSite(string $text): bool
    {
        return preg_match(self::SITE, $text) === 1 && ! str_contains(trim($text), ' ');
    }

    /** @return list<string> what may be numbers to dial in a line */
    public static function numbers(string $line): array
    {
        preg_match_all(self::PHONE, mb_substr($line, 0, self::PROSE), $found);

        return $found[1];
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
        $whole = $part;
        $part = self::take(self::PRONOUNS, $part, fn ($it) => $facts->add('pronouns', ['text' => $it[1]], 0.95,
            $it[1]));
        $part = self::take(
            self::MAIL, $part, fn ($it) => $facts->add('email', ['address' => rtrim($it[0], '.')], 0.93, $it[0]),
        );
        $part = self::take(self::SITE, $part, fn ($it) => self::site(rtrim($it[0], '.,'), $facts));
        $registered = Words::within('licences', $part);
        $part = self::takeNumbers($part, $facts, $registered);

        // A register's name says what its number is.
        return $registered && Words::within('licences', $part) ? self::trimmed($part)
            : self::rest($part, $part !== $whole);
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

    /** @param  bool  $registered  a number of a register stands among them: those with a label alone are to dial */
    private static function takeNumbers(string $part, Facts $facts, bool $registered): string
    {
        $take = function (array $match) use ($part, $facts, $registered): string {
            [$number, $at] = $match[1];
            $before = substr($part, 0, $at);
            $said = self::labelled($before);
            $sure = str_starts_with($number, '+') ? 0.95 : 0.85;

            return ($said || ! $registered) && $facts->number($number, self::sort($before), $sure, $said)
                ? ' '
                : $match[0][0];
        };

        return (string) preg_replace_callback(self::PHONE, $take, $part, -1, $count, PREG_OFFSET_CAPTURE);
    }

    /** Whether a label of numbers to dial stands last before one. */
    private static function labelled(string $before): bool
    {
        $labels = Words::pattern('labels', 'plain').'|'.Words::pattern('phones');

        return preg_match("/(?<![\p{L}\p{N}])(?:$labels)\s*[.:]*\s*$/iu", $before) === 1;
    }

    private static function trimmed(string $part): string
    {
        return trim((string) preg_replace('/^['.self::BETWEEN.']+|['.self::BETWEEN.']+$/u', '', $part));
    }

    /**
     * Words without the labels and signs of what was taken out; empty where they say nothing alone.
     *
     * @param  bool  $taken  something was: a label needs no sign behind it then
     */
    private static function rest(string $part, bool $taken): string
    {
        $plain = Words::pattern('labels', 'plain').'|'.Words::pattern('phones');
        $marked = Words::pattern('labels', 'marked');
        $signed = '(?=\s*[:.|]|\s*$)';
        $label = '/^(?:(?!〒)[\p{So}\p{Sm}•·|]|(?:'.$plain.')'.($taken ? '(?![\p{L}\p{N}])' : $signed)
            ."|(?:$marked)$signed)[\s.:|]*/iu";
        do {
            $before = $part;
            $part = self::trimmed((string) preg_replace($label, '', $part));
        } while ($part !== $before && $part !== '');

        return Words::is('leftovers', $part) || preg_match('/^[a-z]$/i', $part) === 1
            || preg_match('/[\p{L}\p{N}]/u', $part) !== 1 ? '' : $part;
    }
}
