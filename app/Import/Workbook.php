<?php

namespace App\Import;

use InkyCard\Import\TableSource;
use InkyCard\Refusal;
use PhpOffice\PhpSpreadsheet\Exception as SpreadsheetException;
use PhpOffice\PhpSpreadsheet\IOFactory;
use PhpOffice\PhpSpreadsheet\Reader\Ods;
use PhpOffice\PhpSpreadsheet\Reader\Xlsx;
use ZipArchive;

/** The first sheet of a workbook (Office Open XML or OpenDocument) as rows. */
final class Workbook
{
    /** What it may unpack to, bytes. */
    private const MOST = 2_000_000;

    /** Rows that are looked at: more than one person is refused. */
    private const ROWS = 4;

    private const COLUMNS = 200;

    private const READERS = [IOFactory::READER_XLSX => Xlsx::class, IOFactory::READER_ODS => Ods::class];

    /** @throws Refusal */
    public static function table(string $bytes): TableSource
    {
        $file = tempnam(sys_get_temp_dir(), 'brought');
        $before = libxml_use_internal_errors(true);
        try {
            file_put_contents($file, $bytes);
            self::mustFit($file, self::MOST, 'This workbook is too large: bring the headings and one row.');
            $type = IOFactory::identify($file, array_keys(self::READERS));
            $reader = new (self::READERS[$type]);
            $reader->setReadDataOnly(true)->setReadFilter(new FirstCells(self::ROWS, self::COLUMNS));
            $sheet = $reader->load($file)->getSheet(0);
            $last = min(self::ROWS, $sheet->getHighestDataRow());
            $rows = $sheet->rangeToArray('A1:'.$sheet->getHighestDataColumn()."$last", '', false, false);
        } catch (SpreadsheetException) {
            throw Refusal::because('This file cannot be read: bring a workbook, or its table as CSV.');
        } finally {
            libxml_clear_errors();
            libxml_use_internal_errors($before);
            unlink($file);
        }

        return TableSource::rows($rows) ?? throw Refusal::because('This is no table with a row of headings.');
    }

    /**
     * @param  int  $most  what it may unpack to, bytes
     *
     * @throws Refusal with the sentence given
     */
    public static function mustFit(string $file, int $most, string $sentence): void
    {
        $zip = new ZipArchive;
        $size = 0;
        $long = false;
        if ($zip->open($file, ZipArchive::RDONLY) === true) {
            for ($index = 0; $index < $zip->numFiles && $size <= $most; $index++) {
                $size += $zip->statIndex($index)['size'] ?? 0;
                $long = $long || ($size <= $most && self::isLong((string) $zip->getFromIndex($index)));
            }
            $zip->close();
        }
        if ($size > $most || $long) {
            throw Refusal::because($sentence, '/file');
        }
    }

    /** Whether an element of XML has more attributes than a reader compares in reasonable time, one with all others. */
    private static function isLong(string $part): bool
    {
        return str_starts_with($part, '<') && preg_match('/[^<]{60000}/', $part) === 1;
    }
}
