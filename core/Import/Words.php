<?php

namespace InkyCard\Import;

/** The words signatures are told apart by: lists under `words/`, by language, one a row. */
final class Words
{
    /** Whether one of them stands in a text, as a word of its own. */
    public static function within(string $list, string $text): bool
    {
        return preg_match('/(?<![\p{L}\p{N}])(?:'.self::pattern($list).')(?![\p{L}\p{N}])/iu', $text) === 1;
    }

    /** Whether a text begins with one of them. */
    public static function begins(string $list, string $text): bool
    {
        return preg_match('/^(?:'.self::pattern($list).')(?![\p{L}\p{N}])/iu', $text) === 1;
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
            $group === '' ? array_merge([], ...array_values(self::load($list))) : self::groups($list)[$group],
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

    /** @param  array<string>  $words */
    private static function alternatives(array $words): string
    {
        usort($words, fn (string $one, string $other) => strlen($other) <=> strlen($one));
        $quoted = array_map(fn (string $word) => str_replace('\*', '\w*', preg_quote($word, '/')), $words);

        return implode('|', $quoted);
    }

    /** @return array<string, array<mixed>> by language */
    private static function load(string $list): array
    {
        static $lists = [];

        return $lists[$list] ??= require __DIR__."/words/$list.php";
    }
}
