<?php

namespace InkyCard\Import;

use InkyCard\Refusal;
use InkyCard\Type\CleanText;
use PhpOffice\PhpSpreadsheet\Cell\StringValueBinder;
use PhpOffice\PhpSpreadsheet\Reader\Csv;

/** One row of a table, its headings above it. */
final readonly class TableSource
{
    /** Bytes of text that is looked at: headings and a row. */
    private const MOST = 100_000;

    /** Bytes of a line of headings. */
    private const HEADINGS = 10_000;

    /** Headings that are known, from which on something is a table. */
    private const KNOWN = 2;

    /** What a column without a known heading is worth. */
    private const UNKNOWN = 0.4;

    /**
     * @param  list<string>  $headings
     * @param  list<string>  $row
     */
    private function __construct(private array $headings, private array $row)
    {
    }

    /**
     * Text of fields parted by commas (RFC 4180), semicolons or tabs.
     *
     * @return ?self null for what is no table
     *
     * @throws Refusal for several people
     */
    public static function csv(string $text): ?self
    {
        $text = ltrim(mb_scrub(substr($text, 0, self::MOST)), "\u{FEFF}\r\n ");
        $separator = self::separator(substr($text, 0, min(self::HEADINGS, strcspn($text, "\r\n"))));
        if ($separator === null) {
            return null;
        }
        $reader = (new Csv)->setDelimiter($separator)->setEnclosure('"')->setEscapeCharacter('');
        $reader->setValueBinder(new StringValueBinder);

        return self::rows($reader->loadSpreadsheetFromString($text)->getActiveSheet()->toArray('', false, false));
    }

    /**
     * @param  array<array<mixed>>  $rows  headings first
     * @return ?self null for what is no table
     *
     * @throws Refusal for several people
     */
    public static function rows(array $rows): ?self
    {
        $rows = array_map(fn (array $row) => array_map(CleanText::seen(...), array_map(strval(...), $row)), $rows);
        $rows = array_values(array_filter($rows, fn (array $row) => implode('', $row) !== ''));
        if (count($rows) < 2 || self::known($rows[0]) < self::KNOWN) {
            return null;
        }
        if (count($rows) > 2) {
            throw Refusal::because('Several people are in this table: bring the headings and one row.');
        }

        return new self(array_values($rows[0]), array_values($rows[1]));
    }

    /**
     * @param  string  $country  ISO 3166-1 alpha-2, for phone numbers without a country
     * @return list<Fact>
     *
     * @throws Refusal
     */
    public function facts(string $country): array
    {
        $facts = new Facts($country);
        $name = ['first' => '', 'last' => ''];
        foreach ($this->headings as $column => $heading) {
            $value = $this->row[$column] ?? '';
            $kind = Words::group('columns', $heading);
            if (isset($name[$kind])) {
                $name[$kind] = $value;
            } elseif ($value !== '') {
                $facts->state(self::said($kind, $heading, $value));
            }
        }
        $whole = trim(implode(' ', $name));
        if ($whole !== '' && $facts->value('name', 'text') === '') {
            $facts->state(new Statement('name', $whole));
        }

        return $facts->all('There is nothing under its headings.');
    }

    private static function said(string $kind, string $heading, string $value): Statement
    {
        return match ($kind) {
            'mobile', 'fax', 'direct' => new Statement('phone', $value, sort: $kind),
            '' => new Statement('line', $heading === '' ? $value : "$heading: $value", self::UNKNOWN),
            default => new Statement($kind, $value),
        };
    }

    /** What parts the fields of a first line, where enough of them are headings that are known. */
    private static function separator(string $first): ?string
    {
        foreach ([',', ';', "\t"] as $separator) {
            if (self::known(array_map(strval(...), str_getcsv($first, $separator, '"', ''))) >= self::KNOWN) {
                return $separator;
            }
        }

        return null;
    }

    /** @param  array<string>  $headings */
    private static function known(array $headings): int
    {
        return count(array_filter($headings, fn (string $heading) => Words::group('columns', $heading) !== ''));
    }
}
