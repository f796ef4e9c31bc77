<?php

namespace App\Keeping;

use InkyCard\Brand\BrandJson;
use InkyCard\Card\CardJson;
use InkyCard\Footer\Footer;
use InkyCard\Refusal;
use ZipArchive;

/** A workspace's file, looked through before anything of it is taken: all of it is right, or none of it comes. */
final readonly class WorkspaceReading
{
    /** Files, bytes of one and of all of them unpacked, rows of a table. */
    private const FILES = 20_000;

    private const ONE = 25_000_000;

    private const ALL = 2_000_000_000;

    private const ROWS = 50_000;

    private const NAMES = '~^(?:manifest\.json|brand\.json|people\.csv|clicks\.csv|tables/[a-z_]{3,30}\.json'
        .'|pictures/[0-9a-f]{64}\.[a-z]{3,4})$~D';

    /**
     * @param  array<string, mixed>  $workspace  of its manifest
     * @param  array<string, list<array<string, mixed>>>  $tables
     */
    private function __construct(
        private ZipArchive $zip, public array $workspace, public string $brand, public array $tables,
    ) {
    }

    /** @throws Refusal */
    public static function open(string $file): self
    {
        $zip = new ZipArchive;
        if ($zip->open($file, ZipArchive::RDONLY | ZipArchive::CHECKCONS) !== true) {
            throw self::none();
        }
        self::bounded($zip);
        $manifest = self::json($zip, 'manifest.json');
        $format = is_string($manifest['format'] ?? null) ? $manifest['format'] : '';
        if ($format !== WorkspaceFile::FORMAT) {
            throw preg_match('~^inky-workspace/\d+$~', $format) === 1
                ? Refusal::because('This file is of a later version of Inky Card: bring this copy up to date first.')
                : self::none();
        }
        $tables = [];
        foreach (array_keys(WorkspaceTables::ALL) as $table) {
            $tables[$table] = self::rows($zip, $table, array_map(count(...), $tables));
        }
        $brand = (string) json_encode(self::json($zip, 'brand.json'));
        self::about('the brand', fn () => BrandJson::decode($brand));
        $reading = new self($zip, (array) ($manifest['workspace'] ?? []), $brand, $tables);
        foreach (array_keys($tables['pictures'] ?? []) as $index) {
            $reading->picture($index);
        }

        return $reading;
    }

    /** Bytes of a picture, as its name promises them. @throws Refusal */
    public function picture(int $index): string
    {
        ['hash' => $hash, 'extension' => $extension, 'name' => $name] = $this->tables['pictures'][$index];
        $bytes = $this->zip->getFromName("pictures/$hash.$extension");

        return $bytes !== false && hash('sha256', $bytes) === $hash ? $bytes : throw Refusal::because(
            'The picture :part is not in this file, or is another one.',
            values: ['part' => is_string($name) ? "“{$name}”" : 'of a row'],
        );
    }

    /** @throws Refusal */
    private static function bounded(ZipArchive $zip): void
    {
        if ($zip->numFiles > self::FILES) {
            throw Refusal::because(
                'This file holds over :files files: it is none of ours.',
                values: ['files' => number_format(self::FILES)],
            );
        }
        $bytes = 0;
        for ($index = 0; $index < $zip->numFiles; $index++) {
            $stat = $zip->statIndex($index);
            $bytes += $stat['size'] ?? 0;
            if ($stat === false || preg_match(self::NAMES, $stat['name']) !== 1) {
                throw Refusal::because(
                    'This file holds something that is none of ours: :name.',
                    values: ['name' => $stat === false ? '?' : mb_strimwidth(mb_scrub($stat['name']), 0, 60, '…')],
                );
            }
            if ($stat['size'] > self::ONE || $bytes > self::ALL) {
                throw Refusal::because('This file unpacks to more than anybody keeps.');
            }
        }
    }

    /**
     * @param  array<string, int>  $counts  rows of the tables before it
     * @return list<array<string, mixed>>
     *
     * @throws Refusal
     */
    private static function rows(ZipArchive $zip, string $table, array $counts): array
    {
        $rows = array_values(self::json($zip, "tables/$table.json"));
        if (count($rows) > self::ROWS) {
            throw Refusal::because(
                'This file has over :rows rows of :table.',
                values: ['rows' => number_format(self::ROWS), 'table' => $table],
            );
        }
        ['columns' => $columns, 'refs' => $refs] = WorkspaceTables::ALL[$table];
        foreach ($rows as $number => $row) {
            $at = str_replace('_', ' ', $table).', row '.($number + 1);
            if (! is_array($row)) {
                throw Refusal::because('This is no row: :at.', values: ['at' => $at]);
            }
            foreach ($refs as $column => $to) {
                $is = $row[$column] ?? null;
                if ($is === null ? ! in_array($column, WorkspaceTables::MAY_LACK, true)
                    : ! is_int($is) || $is < 1 || $is > $counts[$to]) {
                    throw Refusal::because(':at names something that is not in this file.', values: ['at' => $at]);
                }
            }
            self::about($at, fn () => self::checked($table, $row));
            $rows[$number] = array_intersect_key($row, array_flip([...$columns, ...array_keys($refs), 'document']))
                + array_fill_keys($columns, null);
        }

        return $rows;
    }

    /** @param  array<array-key, mixed>  $row  @throws Refusal */
    private static function checked(string $table, array $row): void
    {
        foreach ($row as $column => $value) {
            if (! is_scalar($value) && $value !== null
                && ! in_array($column, ['document', 'put', 'audience', 'data', 'profile'], true)) {
                throw Refusal::because(':column is no value.', values: ['column' => $column]);
            }
        }
        match ($table) {
            'cards' => CardJson::read((array) ($row['document'] ?? [])),
            'footers', 'footer_revisions' => Footer::of((array) ($row['document'] ?? [])),
            'pictures' => preg_match('/^[0-9a-f]{64}$/D', (string) ($row['hash'] ?? '')) === 1
                && preg_match('/^[a-z]{3,4}$/D', (string) ($row['extension'] ?? '')) === 1
                || throw Refusal::because('it has no name of a picture.'),
            default => null,
        };
    }

    /** @return array<array-key, mixed> @throws Refusal */
    private static function json(ZipArchive $zip, string $name): array
    {
        $value = json_decode((string) $zip->getFromName($name), true, 64);

        return is_array($value) ? $value : throw self::none();
    }

    /** @param  \Closure(): mixed  $work  @throws Refusal */
    private static function about(string $what, \Closure $work): void
    {
        try {
            $work();
        } catch (Refusal $refusal) {
            throw Refusal::because(':what: :says', values: ['what' => ucfirst($what), 'says' => $refusal->said]);
        }
    }

    private static function none(): Refusal
    {
        return Refusal::because('This is no workspace of Inky Card, or it is damaged.');
    }
}
