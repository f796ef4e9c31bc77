<?php

namespace InkyCard\Markup;

/** Character sets of HTML, as it names them or as it is written. */
final class CharacterSet
{
    /** Null bytes out; another character set made UTF-8: the one it names, or Windows-1252 where it is none. */
    public static function utf8(string $html): string
    {
        $html = str_replace("\0", '', $html);
        if (str_starts_with($html, "\xff\xfe") || str_starts_with($html, "\xfe\xff")) {
            $html = mb_convert_encoding($html, 'UTF-8', 'UTF-16');
        }
        if (! mb_check_encoding($html, 'UTF-8')) {
            $html = mb_scrub((string) mb_convert_encoding($html, 'UTF-8', self::named($html)), 'UTF-8');
        }

        return preg_replace('/[\x01-\x08\x0b\x0c\x0e-\x1f]/', '', $html) ?? '';
    }

    /** The one it says it is in, where that can be. */
    private static function named(string $html): string
    {
        preg_match('/charset\s*=\s*["\']?\s*([\w-]{3,20})/i', substr($html, 0, 4000), $match);
        $named = strtolower($match[1] ?? '');
        $known = array_map(strtolower(...), mb_list_encodings());

        return $named !== 'utf-8' && in_array($named, $known, true) ? $named : 'Windows-1252';
    }
}
