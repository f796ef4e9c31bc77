<?php

namespace InkyCard\Stamp;

/** The words of a part in its character set, read as UTF-8 and written back. */
final class Charset
{
    /** Written in bytes that are no ASCII where it could be: nothing is put into these. */
    private const FAR = '/^(?:utf-?16|utf-?32|utf-?7|ucs-|unicode|hz-|ebcdic|ibm|cp037)/';

    /** Stretches of two bytes a sign, marked by escapes (ISO 2022): what looks like ASCII in them is none. */
    private const SHIFTED = '/\e\$[@A-D(][^\e]*+/';

    public static function isKnown(string $charset): bool
    {
        return preg_match(self::FAR, $charset) !== 1 && @iconv($charset, 'UTF-8', 'a') === 'a';
    }

    public static function utf8(string $bytes, string $charset): string
    {
        if (mb_check_encoding($bytes, 'UTF-8') && ! str_contains($bytes, "\e\$")) {
            return $bytes;
        }
        $read = in_array($charset, ['utf-8', 'us-ascii'], true) ? false : @iconv($charset, 'UTF-8', $bytes);

        return $read === false ? mb_scrub((string) mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252')) : $read;
    }

    /** Null where it has not all the signs. */
    public static function write(string $utf8, string $charset): ?string
    {
        $written = @iconv('UTF-8', $charset, $utf8);

        return $written === false ? null : $written;
    }

    /** As many bytes, with those of one sign each as they are and others made no markup. */
    public static function markupOf(string $bytes): string
    {
        return (string) preg_replace_callback(
            self::SHIFTED, fn (array $shifted): string => str_repeat('x', strlen($shifted[0])), $bytes,
        );
    }
}
