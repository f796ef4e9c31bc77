<?php

namespace InkyCard\StaffList;

use InkyCard\Refusal;
use InkyCard\Roster\Profile;
use InkyCard\Said;
use InkyCard\Time\Day;
use InkyCard\Type\CleanText;

/** One row of a list of staff, read. */
final readonly class StaffRow
{
    private const GROUPS = 12;

    /** Facts that come out of a column as they stand there. */
    private const AS_THEY_ARE = [Column::Role, Column::Department, Column::Licence, Column::Pronouns,
        Column::Languages];

    private const PHONES = [Column::Office, Column::Direct, Column::Mobile, Column::Fax];

    /**
     * @param  list<string>  $groups
     * @param  string  $external  what another system knows them by; empty for unknown
     * @param  list<Said>  $notes  what of it was not taken
     */
    private function __construct(
        public Profile $profile, public array $groups, public string $external, public array $notes,
    ) {
    }

    /**
     * A fact that is not acceptable is left out and noted; without a name there is nobody.
     *
     * @param  list<string>  $cells
     * @param  list<Column>  $columns  what each holds
     * @param  string  $country  ISO 3166-1 alpha-2, for phone numbers without a country and the order of dates
     *
     * @throws Refusal
     */
    public static function read(array $cells, array $columns, string $country): self
    {
        $by = self::gathered($cells, $columns);
        $facts = self::facts($by, $country);
        $notes = [];
        $profile = null;
        while ($profile === null) {
            try {
                $profile = Profile::of($facts, $country);
            } catch (Refusal $refusal) {
                $fact = explode('/', $refusal->path)[1] ?? '';
                if ($fact === 'name' || ! isset($facts[$fact])) {
                    throw $refusal;
                }
                $notes[] = Said::of('“:value” is left out: :why', [
                    'value' => mb_strimwidth(implode(', ', (array) $facts[$fact]), 0, 60, '…'), 'why' => $refusal->said,
                ]);
                unset($facts[$fact]);
            }
        }

        return new self(
            $profile, self::groups($by[Column::Groups->value] ?? []),
            mb_strimwidth(self::first($by, Column::External), 0, 120), $notes,
        );
    }

    /**
     * @param  list<string>  $cells
     * @param  list<Column>  $columns
     * @return array<string, list<string>> column => what stands in the cells of it
     */
    private static function gathered(array $cells, array $columns): array
    {
        $by = [];
        foreach ($columns as $index => $column) {
            $cell = CleanText::seen($cells[$index] ?? '');
            if ($column !== Column::None && $cell !== '') {
                $by[$column->value][] = $cell;
            }
        }

        return $by;
    }

    /**
     * @param  array<string, list<string>>  $by
     * @return array<string, string|list<string>>
     */
    private static function facts(array $by, string $country): array
    {
        [$title, $first, $last] = [self::first($by, Column::Title), self::first($by, Column::First),
            self::first($by, Column::Last)];
        // Its parts are in order; where one is missing, the whole says more.
        $name = ($first !== '' && $last !== '') || ! isset($by['name']) ? PersonName::of($title, $first, $last)
            : PersonName::read(trim("$title ".self::first($by, Column::Name)));
        $facts = [
            'name' => $name->name, 'credentials' => self::first($by, Column::Credentials) ?: $name->credentials,
            'addresses' => self::split($by[Column::Address->value] ?? [], '/[,;|\s]+/'),
            'profiles' => self::split($by[Column::Profiles->value] ?? [], '/[;|\s]+/'),
            'first_day' => self::day(self::first($by, Column::FirstDay), $country),
            'last_day' => self::day(self::first($by, Column::LastDay), $country),
        ];
        foreach (self::AS_THEY_ARE as $column) {
            $facts[$column->value] = self::first($by, $column);
        }
        foreach (self::PHONES as $column) {
            // Several in one cell: the first.
            $facts[$column->value] = trim(preg_split('~\s*[;|]\s*|\s+/\s+|\s+or\s+~', self::first($by, $column))[0]
                ?? '');
        }

        return array_filter($facts, fn (string|array $value): bool => $value !== '' && $value !== []);
    }

    /** @param  array<string, list<string>>  $by */
    private static function first(array $by, Column $column): string
    {
        return $by[$column->value][0] ?? '';
    }

    /**
     * @param  list<string>  $cells
     * @return list<string>
     */
    private static function split(array $cells, string $by): array
    {
        // Mail programs write names before addresses: Ada Loom <ada@loom.example>.
        $cells = preg_replace('/[^,;|<>]*<([^<>]+)>/', '$1', $cells);

        return array_values(array_filter(
            array_merge(...array_map(fn (string $cell) => preg_split($by, $cell) ?: [], $cells)),
            fn (string $one): bool => $one !== '',
        ));
    }

    /**
     * @param  list<string>  $cells
     * @return list<string>
     */
    private static function groups(array $cells): array
    {
        $names = array_map(fn (string $one) => mb_strimwidth(trim($one), 0, 40), self::split($cells, '/\s*[,;|]\s*/'));

        return array_slice(array_values(array_unique(array_filter($names))), 0, self::GROUPS);
    }

    /** As Day reads it; as it stands where it is none. */
    private static function day(string $cell, string $country): string
    {
        if (preg_match('/^(\d{4})-(\d\d?)-(\d\d?)(?:[T ].*)?$/D', $cell, $part) === 1) {
            return sprintf('%s-%02d-%02d', $part[1], $part[2], $part[3]);
        }
        // Workbooks count days from the end of 1899 (ECMA-376, 18.17.4.1).
        if (preg_match('/^[2-6]\d{4}(?:\.\d+)?$/D', $cell) === 1) {
            return Day::parse('1899-12-30')->plus((int) $cell)->iso;
        }
        if (preg_match('/^(\d\d?)([.\/-])(\d\d?)\2(\d{4}|\d\d)$/D', $cell, $part) !== 1) {
            return $cell;
        }
        [$day, $month] = self::monthFirst($country, $part[2]) && (int) $part[1] <= 12 || (int) $part[3] > 12
            ? [$part[3], $part[1]] : [$part[1], $part[3]];
        $year = strlen($part[4]) === 2 ? "20$part[4]" : $part[4];
        $iso = sprintf('%s-%02d-%02d', $year, $month, $day);
        try {
            return Day::parse($iso)->iso;
        } catch (Refusal) {
            return $cell;
        }
    }

    /** Where months stand before days (Unicode CLDR, short dates); with dots they nowhere do. */
    private static function monthFirst(string $country, string $between): bool
    {
        return $between !== '.'
            && in_array($country, ['US', 'PH', 'FM', 'MH', 'PW', 'PR', 'GU', 'AS', 'VI', 'MP'], true);
    }
}
