<?php

namespace InkyCard\StaffList;

use InkyCard\Import\Words;

/** Finds out what the columns of a list hold: by what stands above them, and by what stands in them. */
final class ColumnGuesser
{
    /** Rows that are looked at. */
    private const LOOKED_AT = 200;

    /** What a heading that is known is worth, alone and where what stands below looks otherwise. */
    private const HEADING = 0.95;

    private const CONTRADICTED = 0.35;

    /** What is worth least that is taken at all. */
    private const LEAST = 0.3;

    /** What cells look like: column => pattern. */
    private const LOOKS = [
        'addresses' => '/^(?:[^<>]*<)?[^@\s<>]+@[^@\s<>]+\.\p{L}{2,}>?$/u',
        'first_day' => '/^(?:\d{4}-\d\d?-\d\d?(?:[T ].*)?|\d\d?[.\/-]\d\d?[.\/-]\d{2,4})$/',
        'profiles' => '~^(?:https?://|www\.)\S+$|^[\w-]+\.[a-z]{2,}/\S+$~i',
        'mobile' => '/^(?=(?:\D*\d){6})\+?[\d\s()\/.-]{6,}(?:\s*(?:ext|x|dw)\.?\s*\d+)?$/i',
        'pronouns' => '~^(?:she|he|they|ze|xe|elle|il|sie|er|ella|él)\s*/\s*\p{L}+(?:\s*/\s*\p{L}+)?$~iu',
        'licence' => '/^\p{Lu}{1,4}[-\/ ]?\d{3,}$/u',
    ];

    /** What a look proves, and how sure it can be without a heading. */
    private const ALONE = [
        'addresses' => 0.95, 'first_day' => 0.5, 'profiles' => 0.8, 'mobile' => 0.6, 'pronouns' => 0.9,
        'licence' => 0.5,
    ];

    /** Columns whose cells have one of these looks. */
    private const SAME_LOOK = [
        'office' => 'mobile', 'direct' => 'mobile', 'fax' => 'mobile', 'last_day' => 'first_day',
    ];

    /** Kinds of headings any table has => what they are in a list of staff. */
    private const KINDS = ['email' => 'addresses', 'address' => '', 'phone' => 'office', 'url' => 'profiles',
        'company' => '', 'tagline' => ''];

    /**
     * @param  list<string>  $headings
     * @param  list<list<string>>  $rows  some of them
     * @return list<ColumnGuess> one a column
     */
    public static function guess(array $headings, array $rows): array
    {
        $rows = array_slice($rows, 0, self::LOOKED_AT);
        $guesses = [];
        foreach ($headings as $index => $heading) {
            $cells = array_filter(
                array_map(fn (array $row): string => trim($row[$index] ?? ''), $rows),
                fn (string $cell) => $cell !== '',
            );
            $guesses[] = self::one($heading, array_values($cells));
        }

        return self::settled($guesses);
    }

    /**
     * Whether a row is a heading: some of its words are known to be, and none is an address of mail.
     *
     * @param  list<string>  $row
     */
    public static function isHeading(array $row): bool
    {
        $known = count(array_filter($row, fn (string $cell): bool => self::ofHeading($cell) !== null));

        return $known > 0 && preg_grep(self::LOOKS['addresses'], array_map(trim(...), $row)) === [];
    }

    /** @param  list<string>  $cells  those with something in them */
    private static function one(string $heading, array $cells): ColumnGuess
    {
        $said = self::ofHeading($heading);
        $looks = self::looks($cells);
        if ($said !== null) {
            $look = self::SAME_LOOK[$said->value] ?? $said->value;
            // What stands there has a look of its own, and it is another one, or none where this has one.
            $other = $looks !== null && $looks[0] !== $look;
            $none = isset(self::LOOKS[$look]) && $look !== 'licence' && $cells !== [] && $looks === null;

            return $other && $looks[1] > 0.8 && $looks[0] !== 'licence'
                ? new ColumnGuess(Column::from($looks[0]), self::ALONE[$looks[0]] * $looks[1])
                : new ColumnGuess($said, $none ? self::CONTRADICTED : self::HEADING);
        }
        if ($looks !== null) {
            return new ColumnGuess(Column::from($looks[0]), self::ALONE[$looks[0]] * $looks[1]);
        }

        return self::words($cells);
    }

    private static function ofHeading(string $heading): ?Column
    {
        $kind = Words::group('staff-columns', $heading) ?: Words::group('columns', $heading);
        // Addresses of places are no part of a person; of mail they are.
        $kind = $kind === 'address' && Words::group('staff-columns', $heading) === 'address' ? 'addresses' : $kind;

        return $kind === '' ? null : Column::tryFrom(self::KINDS[$kind] ?? $kind);
    }

    /**
     * @param  list<string>  $cells
     * @return array{string, float}|null the look most of them have, and the share that does
     */
    private static function looks(array $cells): ?array
    {
        foreach ($cells === [] ? [] : self::LOOKS as $column => $pattern) {
            $share = count(preg_grep($pattern, $cells) ?: []) / count($cells);
            if ($share > 0.5) {
                return [$column, $share];
            }
        }

        return null;
    }

    /**
     * Words without a look: names, roles and departments by what they are.
     *
     * @param  list<string>  $cells
     */
    private static function words(array $cells): ColumnGuess
    {
        if ($cells === []) {
            return new ColumnGuess(Column::None, 1);
        }
        $share = fn (\Closure $is): float => count(array_filter($cells, $is)) / count($cells);
        $roles = $share(fn (string $cell): bool => Words::within('roles', $cell));
        $departments = $share(fn (string $cell): bool => Words::within('departments', $cell));
        $names = $share(PersonName::looksLike(...)) * count(array_unique($cells)) / count($cells);
        $best = max($roles, $departments, $names);

        return match (true) {
            $best < self::LEAST => new ColumnGuess(Column::None, 0.5),
            $best === $roles => new ColumnGuess(Column::Role, 0.7 * $roles),
            $best === $departments => new ColumnGuess(Column::Department, 0.7 * $departments),
            default => new ColumnGuess(Column::Name, 0.7 * $names),
        };
    }

    /**
     * Of two that would be the same the surer one is; of two numbers to dial the other is the next sort of number.
     *
     * @param  list<ColumnGuess>  $guesses
     * @return list<ColumnGuess>
     */
    private static function settled(array $guesses): array
    {
        $order = array_keys($guesses);
        usort($order, fn (int $one, int $other): int => $guesses[$other]->sure <=> $guesses[$one]->sure
            ?: $one <=> $other);
        $taken = [];
        foreach ($order as $index) {
            $column = $guesses[$index]->column;
            if (! $column->isSeveral() && isset($taken[$column->value])) {
                $next = (self::SAME_LOOK[$column->value] ?? $column->value) === 'mobile' ? array_values(array_filter(
                    [Column::Office, Column::Direct, Column::Mobile],
                    fn (Column $one): bool => ! isset($taken[$one->value]),
                ))[0] ?? Column::None : Column::None;
                $guesses[$index] = new ColumnGuess($next, min(0.5, $guesses[$index]->sure));
            }
            $taken[$guesses[$index]->column->value] = true;
        }

        return array_values($guesses);
    }
}
