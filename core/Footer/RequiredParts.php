<?php

namespace InkyCard\Footer;

/** What law asks of commercial mail, by country. */
final class RequiredParts
{
    /** @return array<string, string> ISO 3166-1 alpha-2 => name, those that are known */
    public static function countries(): array
    {
        return array_map(fn (array $row): string => $row[0], self::rows());
    }

    /**
     * @param  list<string>  $countries
     * @return array<string, array<string, string>> part => country => where it is written
     */
    public static function of(array $countries): array
    {
        $parts = [];
        foreach ($countries as $country) {
            foreach (self::rows()[$country][1] ?? [] as $part => $source) {
                $parts[$part][$country] = $source;
            }
        }

        return $parts;
    }

    /** @return array<string, array{string, array<string, string>}> */
    private static function rows(): array
    {
        /** @var array<string, array{string, array<string, string>}>|null $rows */
        static $rows = null;

        return $rows ??= require __DIR__.'/required-parts.php';
    }
}
