<?php

namespace App\Tray;

use InkyCard\Refusal;

/** What a message from somewhere else may be made of before it is taken apart, counted by linear scans. */
final class MessageBounds
{
    /** Parts no message has that somebody wrote. */
    private const PARTS = 500;

    /** Bytes of its headers in all. */
    private const HEAD = 256_000;

    /** Bytes of one header with its folds; of one that tells of content, whose values the parser compares. */
    private const HEADER = 64_000;

    private const CONTENT_HEADER = 4_000;

    private const CONTENT = '/^content-[\w-]+:[^\n]*+(?:\n[ \t][^\n]*+)*+/mi';

    /** @throws Refusal */
    public static function check(string $raw): void
    {
        // A part starts with a line of dashes, and what nests says its mark again.
        if (preg_match_all('/^--\S/m', $raw) > 4 * self::PARTS
            || preg_match_all('/\bboundary\s*+=/i', $raw) > self::PARTS
            || preg_match_all('/^content-/mi', $raw) > 8 * self::PARTS) {
            throw Refusal::because('This message is made of too many parts to be read: save the one you mean alone.');
        }
        preg_match_all(self::CONTENT, $raw, $content);
        $head = self::head($raw);
        if (strlen($head) > self::HEAD
            || self::longest(preg_split('/\r?\n(?![ \t])/', $head) ?: []) > self::HEADER
            || self::longest($content[0]) > self::CONTENT_HEADER) {
            throw Refusal::because('The headers of this message are too long to be read.');
        }
    }

    private static function head(string $raw): string
    {
        return preg_match('/\r?\n\r?\n/', $raw, $end, PREG_OFFSET_CAPTURE) === 1
            ? substr($raw, 0, $end[0][1])
            : $raw;
    }

    /** @param  array<string>  $headers */
    private static function longest(array $headers): int
    {
        return max([0, ...array_map(strlen(...), $headers)]);
    }
}
