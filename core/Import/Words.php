<?php

namespace InkyCard\Import;

use InkyCard\Card\Kind\CardContext;

/** The words signatures are told apart by: lists under `words/`, by language, one a row. */
final class Words
{
    /** Answers kept. */
    private const KEPT = 1000;

    /** Labels of cards, by list and group. */
    private const PRINTED = [
        'phones' => ['mobile' => ['mobile'], 'fax' => ['fax'], 'direct' => ['direct'], 'office' => ['office']],
        'labels' => ['plain' => ['phone', 'email', 'web'], 'marked' => ['address']],
    ];

    /** Whether one of them stands in a text, as a word of its own. */
    public static function within(string $list, string $text): bool
    {
        static $known = [];
        // One line is asked about by several; what was asked of other signatures may go.
        $known = count($known) > self::KEPT ? [] : $known;

        return $known["$list\n$text"] ??= preg_match(
            '/(?<![\p{L}\p{N}])(?:'.self::pattern($list).')(?![\p{L}\p{N}])/iu', $text,
        ) === 1;
    }

    /** Whether a text begins with one of them. */
    public static function begins(string $list, string $text): bool
    {
        return preg_match('/^(?:'.self::pattern($list).')(?![\p{L}\p{N}])/iu', $text) === 1;
    }

    /** Whether a text ends with one of them, or begins so, written as the list writes it. */
    public static function flanks(string $list, string $text): bool
    {
        $words = self::pattern($list);

        return preg_match("/(?<![\p{L}\p{N}])(?:$words)$|^(?:$words)(?![\p{L}\p{N}])/u", $text) === 1;
    }

    /**
     * How many of a list's words stand in a text, by the language or country they are listed under.
     *
     * @return array<string, int> those with none are left out
     */
    public static function tally(string $list, string $text): array
    {
        static $patterns = [];
        $patterns[$list] ??= array_map(
            fn (array $words) => '/(?<![\p{L}\p{N}])(?:'.self::alternatives(self::flat($words)).')(?![\p{L}\p{N}])/iu',
            self::load($list),
        );

        return array_filter(array_map(
            fn (string $pattern) => (int) preg_match_all($pattern, $text), $patterns[$list],
        ));
    }

    /** Whether a text is one of them. */
    public static function is(string $list, string $text): bool
    {
        return preg_match('/^(?:'.self::pattern($list).')$/iu', $text) === 1;
    }

    /** The group of a list with groups in which a text, its white space and signs left out, stands; empty for none. */
    public static function group(string $list, string $text): string
    {
        $plain = (string) preg_replace('/[^\p{L}\p{N}]+/u', '', mb_strtolower($text));
        foreach (self::groups($list) as $group => $words) {
            if (in_array($plain, $words, true)) {
                return $group;
            }
        }

        return '';
    }

    /**
     * A list, or one of its groups, as the alternatives of a pattern, the longest first.
     *
     * @param  string  $group  empty for a list without groups
     */
    public static function pattern(string $list, string $group = ''): string
    {
        static $patterns = [];

        return $patterns["$list/$group"] ??= self::alternatives(
            $group === '' ? self::flat(self::load($list)) : self::groups($list)[$group],
        );
    }

    /** @return array<string, list<string>> groups of all languages */
    public static function groups(string $list): array
    {
        return array_map(
            fn (string|array $words) => array_values((array) $words),
            array_merge_recursive([], ...array_values(self::load($list))),
        );
    }

    /**
     * @param  array<mixed>  $words  in groups, or not
     * @return list<string>
     */
    private static function flat(array $words): array
    {
        $flat = [];
        array_walk_recursive($words, function (string $word) use (&$flat): void {
            $flat[] = $word;
        });

        return $flat;
    }

    /** @param  array<string>  $words */
    private static function alternatives(array $words): string
    {
        usort($words, fn (string $one, string $other) => strlen($other) <=> strlen($one));
        $plain = $endings = [];
        foreach ($words as $word) {
            $quoted = str_replace('\*', '\w*', preg_quote(ltrim($word, '*'), '/'));
            $word[0] === '*' ? $endings[] = $quoted : $plain[] = $quoted;
        }
        // What may stand before an ending is walked once for all of them.
        $ending = $endings === [] ? [] : ['\w*(?:'.implode('|', $endings).')'];

        return implode('|', [...$plain, ...$ending]);
    }

    /** @return array<string, array<mixed>> by language */
    private static function load(string $list): array
    {
        static $lists = [];

        return $lists[$list] ??= array_merge_recursive(require __DIR__."/words/$list.php", self::printed($list));
    }

    /** @return array<string, array<string, list<string>>> labels cards print by themselves, by language and group */
    private static function printed(string $list): array
    {
        $labels = [];
        foreach (self::PRINTED[$list] ?? [] as $group => $keys) {
            foreach ($keys as $key) {
                foreach (CardContext::everywhere($key) as $language => $word) {
                    $labels[$language][$group][] = mb_strtolower($word);
                }
            }
        }

        return $labels;
    }
}
