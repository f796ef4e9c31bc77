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
    private const MOST = 20_000_000;

    /** Rows that are looked at: more than one person is refused. */
    private const ROWS = 4;

    private const READERS = [IOFactory::READER_XLSX => Xlsx::class, IOFactory::READER_ODS => Ods::class];

    /** @throws Refusal */
    public static function table(string $bytes): TableSource
    {
        $file = tempnam(sys_get_temp_dir(), 'brought');
        try {
            file_put_contents($file, $bytes);
            self::mustFit($file);
            $type = IOFactory::identify($file, array_keys(self::READERS));
            $reader = new (self::READERS[$type]);
            $sheet = $reader->setReadDataOnly(true)->load($file)->getSheet(0);
            $last = min(self::ROWS, $sheet->getHighestDataRow());
            $rows = $sheet->rangeToArray('A1:'.$sheet->getHighestDataColumn()."$last", '', false, false);
        } catch (SpreadsheetException) {
            throw Refusal::because('This file cannot be read: bring a workbook, or its table as CSV.');
        } finally {
            unlink($file);
        }

        return TableSource::rows($rows) ?? throw Refusal::because('This is no table with a row of headings.');
    }

    private static function mustFit(string $file): void
    {
        $zip = new ZipArchive;
        $size = 0;
        if ($zip->open($file, ZipArchive::RDONLY) === true) {
            for ($index = 0; $index < $zip->numFiles; $index++) {
                $size += $zip->statIndex($index)['size'] ?? 0;
            }
            $zip->close();
        }
        if ($size > self::MOST) {
            throw Refusal::because('This workbook is too large: bring the headings and one row.');
        }
    }
}
