<?php

namespace InkyCard\Stamp;

/**
 * Content-Transfer-Encodings (RFC 2045, 6): what is written down, and a change to it written into what is there, so
 * that all other bytes stay.
 */
final class TransferEncoding
{
    /** Longest line of base64 and quoted-printable, characters. */
    private const LINE = 76;

    /** Longest line of anything else, bytes without its end (RFC 5322, 2.1.1). */
    public const LONGEST = 998;

    private const KNOWN = ['7bit' => 1, '8bit' => 1, 'binary' => 1, 'quoted-printable' => 1, 'base64' => 1];

    private const ESCAPED = '/=(?:[0-9A-Fa-f]{2}|[ \t]*\r?\n)/';

    public static function isKnown(string $encoding): bool
    {
        return isset(self::KNOWN[$encoding]);
    }

    public static function decode(string $written, string $encoding): string
    {
        return match ($encoding) {
            'base64' => base64_decode($written),
            'quoted-printable' => (string) preg_replace_callback(
                self::ESCAPED, fn (array $one): string => self::byte($one[0]), $written,
            ),
            default => $written,
        };
    }

    /**
     * @param  Splice  $splice  of what is decoded
     * @param  string  $eol  line end of the message
     */
    public static function splice(string $written, string $encoding, Splice $splice, string $eol): string
    {
        return match ($encoding) {
            'base64' => self::base64($written, $splice, $eol),
            'quoted-printable' => self::quoted($written, $splice, $eol),
            default => $splice->in($written),
        };
    }

    /** Whether it can be put in as it is. */
    public static function carries(string $put, string $encoding): bool
    {
        return in_array($encoding, ['base64', 'quoted-printable'], true)
            || (($encoding !== '7bit' || preg_match('/[\x80-\xff]/', $put) !== 1)
                && max(array_map(strlen(...), preg_split('/\r?\n/', $put) ?: [''])) < self::LONGEST / 2);
    }

    public static function quotedPrintable(string $bytes, string $eol): string
    {
        return str_replace("\r\n", $eol, quoted_printable_encode((string) preg_replace('/\r?\n/', "\r\n", $bytes)));
    }

    private static function byte(string $escaped): string
    {
        return strlen($escaped) === 3 && ctype_xdigit($escaped[1]) ? chr((int) hexdec(substr($escaped, 1))) : '';
    }

    /** From the last whole line before it on, lines are written again. */
    private static function base64(string $written, Splice $splice, string $eol): string
    {
        $kept = $bytes = $letters = 0;
        preg_match_all('/[^\n]*\n?/', $written, $lines);
        $at = 0;
        foreach ($lines[0] as $line) {
            $letters += strlen((string) preg_replace('~[^A-Za-z0-9+/]~', '', $line));
            $at += strlen($line);
            if ($letters * 3 / 4 > $splice->at || str_contains($line, '=')) {
                break;
            }
            if ($letters % 4 === 0) {
                [$kept, $bytes] = [$at, intdiv($letters * 3, 4)];
            }
        }
        $new = substr($splice->in(base64_decode($written)), $bytes);
        $ended = str_ends_with($written, "\n");
        $rest = chunk_split(base64_encode($new), self::LINE, $eol);

        return substr($written, 0, $kept).($ended ? $rest : substr($rest, 0, -strlen($eol)));
    }

    /** What is put in stands between line breaks that are none (RFC 2045, 6.7, rule 5). */
    private static function quoted(string $written, Splice $splice, string $eol): string
    {
        $from = self::writtenAt($written, $splice->at);
        $until = self::writtenAt($written, $splice->at + $splice->removed);
        $before = substr($written, 0, $from);
        $line = strlen($before) - (int) strrpos("\n$before", "\n");
        if ($line >= self::LINE) {
            // No room for the sign of a break behind a full line: it is broken one character earlier.
            $last = preg_match('/=[0-9A-Fa-f]{2}$/D', $before) === 1 ? 3 : 1;
            $before = substr($before, 0, -$last)."=$eol".substr($before, -$last);
        }
        $put = self::quotedPrintable($splice->put, $eol);

        return ($line === 0 ? $before : "$before=$eol").$put.(str_ends_with($put, "\n") || $put === '' ? '' : "=$eol")
            .substr($written, $until);
    }

    /** Where the byte of what is decoded is written. */
    private static function writtenAt(string $written, int $byte): int
    {
        $at = $decoded = 0;
        while (preg_match(self::ESCAPED, $written, $one, PREG_OFFSET_CAPTURE, $at) === 1) {
            $plain = $one[0][1] - $at;
            if ($decoded + $plain >= $byte) {
                break;
            }
            $decoded += $plain + strlen(self::byte($one[0][0]));
            $at = $one[0][1] + strlen($one[0][0]);
        }

        return $at + max(0, $byte - $decoded);
    }
}
