<?php

namespace InkyCard\Banner;

use InkyCard\Time\Day;

/** The days of a year people promote for (occasions.php says where each rule is from). */
final class Occasions
{
    /** @return array<string, Occasion> by key */
    public static function all(): array
    {
        /** @var array<string, Occasion>|null $all */
        static $all = null;
        if ($all === null) {
            $all = [];
            /** @var array<string, array{string, string, list<string>, int, int, string}> $rows */
            $rows = require __DIR__.'/occasions.php';
            foreach ($rows as $key => $row) {
                $all[$key] = new Occasion($key, ...$row);
            }
        }

        return $all;
    }

    /**
     * @param  string  $country  ISO 3166-1 alpha-2
     * @return list<array{Day, Occasion}> those usual there, by day
     */
    public static function of(int $year, string $country): array
    {
        $found = [];
        foreach (self::all() as $occasion) {
            foreach ($occasion->isUsualIn($country) ? $occasion->in($year) : [] as $day) {
                $found[] = [$day, $occasion];
            }
        }
        usort($found, fn (array $one, array $other) => $one[0]->iso <=> $other[0]->iso);

        return $found;
    }
}
