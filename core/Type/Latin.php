<?php

namespace InkyCard\Type;

/** Words of any script in lower-case letters of ASCII (Unicode CLDR transforms). */
final class Latin
{
    private static ?\Transliterator $transliterator = null;

    /** What has no such letter stays as it is. */
    public static function of(string $words): string
    {
        if (preg_match('/[^\x00-\x7f]/', $words) !== 1) {
            return strtolower($words);
        }
        // Making one takes a hundred times as long as using it.
        self::$transliterator ??= \Transliterator::create('Any-Latin; Latin-ASCII; Lower()');
        $latin = self::$transliterator?->transliterate($words);

        return is_string($latin) ? $latin : strtolower($words);
    }
}
