<?php

namespace App\Import;

use InkyCard\Refusal;
use XMLReader;
use ZipArchive;

/**
 * The first sheet of a workbook row by row, however long it is: Office Open XML (ECMA-376, SpreadsheetML) or
 * OpenDocument 1.3. A package keeps all its cells at once, ten thousand people in 110 MB and seven seconds; no package
 * that reads row by row installs here.
 */
final class SheetRows
{
    /** Columns of a row, and empty rows in a row, that are looked at: sheets go on for ever to the right and below. */
    private const COLUMNS = 300;

    private const EMPTY = 1000;

    private const MARKS = LIBXML_NONET | LIBXML_COMPACT;

    /** @param  list<string>  $shared  texts cells name by their number */
    private function __construct(private readonly string $path, private array $shared = [])
    {
    }

    /**
     * @return \Generator<int, list<string>>
     *
     * @throws Refusal
     */
    public static function of(string $path): \Generator
    {
        [$zip, $kind] = self::workbook($path);
        $before = libxml_use_internal_errors(true);
        try {
            $sheet = new self($path);
            yield from $kind === 'ods' ? $sheet->openDocument() : $sheet->officeOpen($zip);
            if (libxml_get_last_error() !== false) {
                throw Refusal::because('This workbook ends too soon: save it again, or bring its table as CSV.',
                    '/file');
            }
        } finally {
            libxml_clear_errors();
            libxml_use_internal_errors($before);
        }
    }

    /**
     * @return array{ZipArchive, 'xlsx'|'ods'}
     *
     * @throws Refusal
     */
    private static function workbook(string $path): array
    {
        $zip = new ZipArchive;
        $kind = $zip->open($path, ZipArchive::RDONLY) !== true ? null : match (true) {
            $zip->locateName('xl/workbook.xml') !== false => 'xlsx',
            $zip->locateName('content.xml') !== false => 'ods',
            default => null,
        };

        return [$zip, $kind ?? throw Refusal::because(
            'This file cannot be read: bring a workbook, or its table as CSV.', '/file',
        )];
    }

    /** @return \Generator<int, list<string>> */
    private function officeOpen(ZipArchive $zip): \Generator
    {
        if ($zip->locateName('xl/sharedStrings.xml') !== false) {
            $reader = $this->open('xl/sharedStrings.xml');
            while (@$reader->read()) {
                if ($reader->nodeType === XMLReader::ELEMENT && $reader->localName === 'si') {
                    $this->shared[] = self::text($reader, 'si', 't', 'rPh');
                }
            }
        }
        $reader = $this->open($this->firstSheet($zip));
        while (@$reader->read()) {
            if ($reader->nodeType === XMLReader::ELEMENT && $reader->localName === 'row') {
                yield $this->row($reader);
            }
        }
    }

    /** The part the first sheet of the workbook is in. */
    private function firstSheet(ZipArchive $zip): string
    {
        preg_match('/<(?:\w+:)?sheet\b[^>]*?\b(?:r|\w+):id="([^"]+)"/',
            (string) $zip->getFromName('xl/workbook.xml'), $id);
        $relations = (string) $zip->getFromName('xl/_rels/workbook.xml.rels');
        foreach (preg_match_all('/<Relationship\b[^>]*>/', $relations, $all) ? $all[0] : [] as $one) {
            if (str_contains($one, ' Id="'.($id[1] ?? '').'"') && preg_match('/ Target="([^"]+)"/', $one, $to) === 1) {
                return str_starts_with($to[1], '/') ? substr($to[1], 1) : "xl/$to[1]";
            }
        }

        return 'xl/worksheets/sheet1.xml';
    }

    /** @return list<string> */
    private function row(XMLReader $reader): array
    {
        $cells = [];
        if ($reader->isEmptyElement) {
            return $cells;
        }
        $at = -1;
        while (@$reader->read() && ! ($reader->nodeType === XMLReader::END_ELEMENT && $reader->localName === 'row')) {
            if ($reader->nodeType !== XMLReader::ELEMENT || $reader->localName !== 'c') {
                continue;
            }
            $at = self::column((string) $reader->getAttribute('r')) ?? $at + 1;
            if ($at < self::COLUMNS) {
                $cells[$at] = $this->cell($reader);
            }
        }

        return $cells === [] ? []
            : array_values(array_replace(array_fill(0, max(array_keys($cells)) + 1, ''), $cells));
    }

    private function cell(XMLReader $reader): string
    {
        $type = $reader->getAttribute('t');
        if ($reader->isEmptyElement) {
            return '';
        }
        $text = self::text($reader, 'c', $type === 'inlineStr' ? 't' : 'v');

        return match ($type) {
            's' => $this->shared[(int) $text] ?? '',
            'b' => $text === '1' ? 'yes' : 'no',
            'e' => '',
            // Whole numbers are phone numbers and the like; what a float adds to them is none of them.
            default => preg_match('/^-?\d+(?:\.\d+)?E\+?\d+$/i', $text) === 1
                ? number_format((float) $text, 0, '', '') : $text,
        };
    }

    /** Column of a cell's name, such as C7: from 0. */
    private static function column(string $name): ?int
    {
        if (preg_match('/^([A-Z]{1,3})\d+$/', $name, $letters) !== 1) {
            return null;
        }
        $column = 0;
        foreach (str_split($letters[1]) as $letter) {
            $column = $column * 26 + ord($letter) - 64;
        }

        return $column - 1;
    }

    /** @return \Generator<int, list<string>> */
    private function openDocument(): \Generator
    {
        $reader = $this->open('content.xml');
        $empty = 0;
        while (@$reader->read() && $empty < self::EMPTY) {
            if ($reader->nodeType === XMLReader::END_ELEMENT && $reader->localName === 'table') {
                return;
            }
            if ($reader->nodeType !== XMLReader::ELEMENT || $reader->localName !== 'table-row') {
                continue;
            }
            $again = max(1, (int) $reader->getAttribute('table:number-rows-repeated'));
            $cells = self::odsRow($reader);
            $empty = $cells === [] ? $empty + $again : 0;
            for ($n = 0; $n < ($cells === [] ? 1 : min($again, self::EMPTY)); $n++) {
                yield $cells;
            }
        }
    }

    /** @return list<string> what stands to the right of the last cell with something in it left out */
    private static function odsRow(XMLReader $reader): array
    {
        $cells = [];
        if ($reader->isEmptyElement) {
            return $cells;
        }
        while (@$reader->read()
            && ! ($reader->nodeType === XMLReader::END_ELEMENT && $reader->localName === 'table-row')) {
            $isCell = in_array($reader->localName, ['table-cell', 'covered-table-cell'], true);
            if ($reader->nodeType !== XMLReader::ELEMENT || ! $isCell) {
                continue;
            }
            $again = min(self::COLUMNS, max(1, (int) $reader->getAttribute('table:number-columns-repeated')));
            $date = (string) $reader->getAttribute('office:date-value');
            $text = $reader->isEmptyElement ? '' : self::text($reader, $reader->localName, 'p', 'annotation');
            for ($n = 0; $n < $again && count($cells) < self::COLUMNS; $n++) {
                $cells[] = $date !== '' ? $date : $text;
            }
        }
        while ($cells !== [] && end($cells) === '') {
            array_pop($cells);
        }

        return $cells;
    }

    /** All the text in elements of a name up to the end of another; what is in a third is none of it. */
    private static function text(XMLReader $reader, string $end, string $in, string $but = ''): string
    {
        if ($reader->isEmptyElement) {
            return '';
        }
        $parts = [];
        $within = $skipped = false;
        $depth = $reader->depth;
        while (@$reader->read() && ! ($reader->nodeType === XMLReader::END_ELEMENT && $reader->depth === $depth
            && $reader->localName === $end)) {
            $isStart = $reader->nodeType === XMLReader::ELEMENT && ! $reader->isEmptyElement;
            $isEnd = $reader->nodeType === XMLReader::END_ELEMENT;
            $skipped = $reader->localName === $but && ($isStart || $isEnd) ? $isStart : $skipped;
            if ($reader->localName === $in && ($isStart || $isEnd)) {
                $within = $isStart;
                $isStart && $in === 'p' && $parts !== [] && $parts[] = ' ';
            }
            if ($within && ! $skipped && in_array($reader->nodeType, [XMLReader::TEXT, XMLReader::CDATA,
                XMLReader::SIGNIFICANT_WHITESPACE], true)) {
                $parts[] = $reader->value;
            }
        }

        return implode('', $parts);
    }

    /** @throws Refusal */
    private function open(string $part): XMLReader
    {
        $reader = new XMLReader;
        if (! @$reader->open("zip://$this->path#$part", null, self::MARKS)) {
            throw Refusal::because('This file cannot be read: bring a workbook, or its table as CSV.', '/file');
        }

        return $reader;
    }
}
