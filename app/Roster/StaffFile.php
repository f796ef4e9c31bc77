<?php

namespace App\Roster;

use App\Import\SheetRows;
use App\Import\Workbook;
use InkyCard\Refusal;
use InkyCard\StaffList\Ldif;
use InkyCard\StaffList\VCards;

/** A list of staff as somebody brought it, told by its bytes: rows of cells, one after another, however long it is. */
final class StaffFile
{
    /** Bytes, rows and columns. */
    public const MOST = 20_000_000;

    public const ROWS = 50_000;

    private const COLUMNS = 200;

    /** Bytes in which what it is shows. */
    private const START = 65_536;

    private const SIGNS = [',', ';', "\t", '|'];

    /** What a workbook may unpack to, bytes. */
    private const UNPACKED = 120_000_000;

    private const PACKED = "PK\x03\x04";

    /** @throws Refusal for what is none, or too large */
    public static function mustFit(string $path): void
    {
        $size = (int) @filesize($path);
        if ($size === 0) {
            throw Refusal::because('There is nothing in this file.', '/file');
        }
        if ($size > self::MOST) {
            throw Refusal::because('A list has at most 20 MB: bring it in parts.', '/file');
        }
        if (str_starts_with(self::start($path), self::PACKED)) {
            Workbook::mustFit($path, self::UNPACKED, 'This workbook is too large: bring its table as CSV, in parts.');
        }
    }

    /**
     * @return \Generator<int, list<string>> headings first where it has any; empty rows left out
     *
     * @throws Refusal
     */
    public static function rows(string $path): \Generator
    {
        $start = self::start($path);
        // A contact that could not be read is a row too, so that it is said.
        $isContacts = preg_match('/^\s*(?:\xEF\xBB\xBF)?BEGIN:VCARD/i', $start) === 1;
        $source = match (true) {
            $isContacts => VCards::rows(self::lines($path, $start)),
            str_starts_with($start, self::PACKED) => SheetRows::of($path),
            Ldif::is($start) => Ldif::rows(self::lines($path, $start)),
            default => self::table($path, $start),
        };
        $number = 0;
        foreach ($source as $at => $row) {
            if ($isContacts || trim(implode('', $row)) !== '') {
                self::mustBeWithin(count($row), ++$number);
                yield $at => $row;
            }
        }
    }

    /** @throws Refusal */
    private static function mustBeWithin(int $columns, int $rows): void
    {
        if ($columns > self::COLUMNS) {
            throw Refusal::because(
                'A list has at most :most columns: leave out those that are not needed.', '/file',
                ['most' => self::COLUMNS],
            );
        }
        if ($rows > self::ROWS + 1) {
            throw Refusal::because('A list has at most :most rows: bring it in parts.', '/file', [
                'most' => number_format(self::ROWS),
            ]);
        }
    }

    /** @return \Generator<int, list<string>> */
    private static function table(string $path, string $start): \Generator
    {
        $sign = self::sign($start);
        $file = self::open($path, $start);
        try {
            while (($row = fgetcsv($file, null, $sign, '"', '')) !== false) {
                yield array_map(fn (?string $cell): string => mb_scrub((string) $cell), $row);
            }
        } finally {
            fclose($file);
        }
    }

    /** @return \Generator<int, string> without what ends them */
    private static function lines(string $path, string $start): \Generator
    {
        $file = self::open($path, $start);
        try {
            while (($line = fgets($file, 200_000)) !== false) {
                yield rtrim(mb_scrub($line), "\r\n");
            }
        } finally {
            fclose($file);
        }
    }

    /** What parts its cells: what its first lines have most of, and as often in each. */
    private static function sign(string $start): string
    {
        $lines = array_slice(preg_split('/\r\n|\n|\r/', rtrim(self::utf8($start)), 12) ?: [], 0, 10);
        $best = [',', -1.0];
        foreach (self::SIGNS as $sign) {
            $counts = array_map(fn (string $line): int => count(str_getcsv($line, $sign, '"', '')) - 1,
                array_filter($lines, fn (string $line): bool => trim($line) !== ''));
            $mean = $counts === [] ? 0 : array_sum($counts) / count($counts);
            $apart = $counts === [] ? 0 : max($counts) - min($counts);
            // A sign within words stands there more often in one line than in another.
            $worth = $mean - 0.8 * $apart;
            $best = $mean > 0 && $worth > $best[1] ? [$sign, $worth] : $best;
        }

        return $best[0];
    }

    /** @return resource its text as UTF-8, without a mark of bytes before it */
    private static function open(string $path, string $start)
    {
        $file = fopen($path, 'r') ?: throw new \RuntimeException("No file $path.");
        $charset = self::charset($start);
        if ($charset !== 'UTF-8') {
            stream_filter_append($file, "convert.iconv.$charset.UTF-8//IGNORE", STREAM_FILTER_READ);
        }
        if (str_starts_with($start, "\xEF\xBB\xBF")) {
            fseek($file, 3);
        }

        return $file;
    }

    /**
     * What its bytes are: UTF-16 by its mark or its zeros, UTF-8 where it is valid, else as old office programs write.
     */
    private static function charset(string $start): string
    {
        $even = substr($start, 0, 2000);
        $zeros = [0, 0];
        for ($at = 0; $at < strlen($even); $at++) {
            $zeros[$at % 2] += $even[$at] === "\0" ? 1 : 0;
        }

        return match (true) {
            str_starts_with($start, "\xFF\xFE"), str_starts_with($start, "\xFE\xFF") => 'UTF-16',
            $zeros[1] > strlen($even) / 4 => 'UTF-16LE',
            $zeros[0] > strlen($even) / 4 => 'UTF-16BE',
            // The end may be cut within a letter.
            mb_check_encoding(substr($start, 0, -4), 'UTF-8') || mb_check_encoding(mb_strcut($start, 0, null, 'UTF-8'),
                'UTF-8') => 'UTF-8',
            // Bytes Windows has no letters for are Mac OS Roman's.
            preg_match('/[\x81\x8D\x8F\x90\x9D]/', $start) === 1 => 'MACINTOSH',
            default => 'WINDOWS-1252',
        };
    }

    private static function utf8(string $start): string
    {
        $charset = self::charset($start);

        return $charset === 'UTF-8' ? $start : (string) @iconv($charset, 'UTF-8//IGNORE', $start);
    }

    private static function start(string $path): string
    {
        return (string) file_get_contents($path, length: self::START);
    }
}
