<?php

namespace InkyCard\StaffList;

use InkyCard\Type\CleanText;

/** A name as lists write it, made one as it is signed: given name first, what is learned before or after it apart. */
final readonly class PersonName
{
    /** How somebody is addressed: no part of a name. */
    private const ADDRESSED = '(?:(?:mr|mrs|ms|miss|mx|sir|herr|frau|mme|mlle|monsieur|madame|sra|srta|sig'
        .'|sigra|dhr|mevr'
        .'|pan|pani)\.?|(?:hr|fr|sr)\.)';

    /** Titles, which stay before it. */
    private const TITLE = '(?:dr|prof|professor|doctor|ing|dipl\.?-?ing|mag|mgr|rer|nat|med|phil|jur|h\.?c|drs|ir|dott'
        .'|dottssa|avv|arch|rev|hon|lic|univ)\.?';

    /** Letters after it, as degrees and guilds give them. */
    private const LETTERS = '(?:ph\.?d|d\.?phil|m\.?d|j\.?d|ll\.?[mb]|mba|emba|mph|mpa|b\.?sc|m\.?sc|b\.?a'
        .'|m\.?a|b\.?eng'
        .'|m\.?eng|bed|med|cpa|cfa|aca|acca|fca|rn|np|pe|pmp|esq|frics|mrics|riba|rla|aia|faia|gmc|facs|frcs|mrcp|obe'
        .'|mbe|cbe|kc|qc|jr|sr|ii|iii|iv)\.?';

    /** Small words within a name, which stay small. */
    private const SMALL = ['von', 'van', 'de', 'der', 'den', 'da', 'di', 'du', 'dos', 'das', 'do', 'del', 'della', 'la',
        'le', 'el', 'bin', 'ibn', 'bint', 'zu', 'zur', 'af', 'av', 'ten', 'ter', 'y', 'e', 'i'];

    private function __construct(public string $name, public string $credentials)
    {
    }

    public static function read(string $raw): self
    {
        // What stands in brackets tells two apart in a list: where they work, what they were called.
        $text = trim((string) preg_replace('/\s*\([^()]*\)/u', '', CleanText::seen($raw)), ' ,;');
        [$text, $credentials] = self::learned($text);
        $parts = array_map(trim(...), explode(',', $text, 2));
        // "Oakhollow, Maren" is how lists are sorted; what is learned was taken off before.
        $turned = count($parts) === 2 && $parts[1] !== '';
        $text = $turned ? self::turned($parts[0], $parts[1]) : $text;
        $text = trim((string) preg_replace('/^(?:'.self::ADDRESSED.'\s+)+(?=\p{L}{2})/iu', '', $text));
        $text = $turned ? $text : self::capitalsFirst($text);

        return new self(self::cased($text), $credentials);
    }

    /** From its parts, whatever each holds. */
    public static function of(string $title, string $first, string $last): self
    {
        $title = preg_match('/^(?:'.self::ADDRESSED.')$/iu', trim($title)) === 1 ? '' : trim($title);
        $read = self::read(trim("$first $last"));
        // Parts are in their order already.
        [$plain] = self::learned(trim(CleanText::seen("$first $last"), ' ,;'));

        return new self(trim("$title ".self::cased($plain)), $read->credentials);
    }

    /** Whether a cell holds what may be a name: two to five words, no digit, capitals where a script has them. */
    public static function looksLike(string $cell): bool
    {
        return preg_match(
            '/^(?:[\p{L}\p{M}\'’.-]+,?\s+){1,4}[\p{L}\p{M}\'’.-]+$|^[\p{Han}\p{Hiragana}\p{Katakana}]{2,6}$/u', $cell,
        ) === 1 && preg_match('/^\p{Ll}.*\s\p{Ll}/u', $cell) !== 1;
    }

    /** @return array{string, string} without the letters after it, and these */
    private static function learned(string $text): array
    {
        $letters = [];
        while (preg_match('/^(.+?\s.+?|.+?,.+?|.+?(?=,))(?:,\s*|\s+)('.self::LETTERS.')$/iu', $text, $match) === 1
            && (str_contains(substr($text, strlen($match[1]), 1), ',') || preg_match('/\p{Lu}.*\p{Lu}|^[IVX]+$/u',
                $match[2]) === 1) && ! in_array(mb_strtolower(rtrim($match[2], '.')), ['jr', 'sr', 'ii', 'iii', 'iv'],
                    true)) {
            array_unshift($letters, $match[2]);
            $text = rtrim($match[1], ' ,');
        }

        return [$text, implode(', ', $letters)];
    }

    /** A title goes with the given name in lists, and before all in letters. */
    private static function turned(string $family, string $given): string
    {
        preg_match('/^((?:'.self::TITLE.'\s+)*)(.*?)((?:\s+'.self::TITLE.')*)$/iu', $given, $match);
        $title = trim(($match[1] ?? '').' '.($match[3] ?? ''));

        return trim("$title ".($match[2] ?? $given)." $family");
    }

    /** "OAKHOLLOW Maren" has its family name in capitals, so that it is told apart. */
    private static function capitalsFirst(string $text): string
    {
        return preg_match('/^((?:\p{Lu}[\p{Lu}\p{M}\'’-]+\s+)+)(\p{Lu}[\p{M}]*\p{Ll}.*)$/u', $text, $match) === 1
            ? "$match[2] ".trim($match[1]) : $text;
    }

    /** All in capitals or all in small letters is how a list was typed, not how somebody signs. */
    private static function cased(string $text): string
    {
        // Two letters may be initials, where not all is in capitals.
        $all = preg_match('/\p{Ll}/u', $text) !== 1;
        $words = array_map(function (string $word) use ($all): string {
            $isShouted = preg_match('/^\p{Lu}[\p{Lu}\p{M}\'’-]{2,}$/u', $word) === 1
                || ($all && preg_match('/^\p{Lu}{2}$/u', $word) === 1);

            return $isShouted ? self::capital(mb_strtolower($word)) : $word;
        }, explode(' ', preg_match('/\p{Lu}/u', $text) === 1 ? $text : self::capitals($text)));

        return implode(' ', $words);
    }

    private static function capitals(string $text): string
    {
        return implode(' ', array_map(fn (string $word): string => in_array($word, self::SMALL, true) ? $word
            : self::capital($word), explode(' ', $text)));
    }

    /** O’Neill, Smith-Jones: what follows a hyphen or an apostrophe behind one letter is a beginning too. */
    private static function capital(string $word): string
    {
        return (string) preg_replace_callback(
            '/^\p{Ll}|(?<=-)\p{Ll}|(?<=^\p{L}[\'’])\p{Ll}|(?<=^mc)\p{Ll}/u',
            fn (array $letter): string => mb_strtoupper($letter[0]), $word,
        );
    }
}
