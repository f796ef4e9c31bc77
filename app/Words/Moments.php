<?php

namespace App\Words;

use IntlDateFormatter;
use IntlDatePatternGenerator;

/** Days and moments as who reads the page writes them, by ICU, in their zone. */
final class Moments
{
    /** Names of days => skeletons (UTS 35). */
    private const DAYS = [
        'month' => 'MMM', 'short' => 'MMMd', 'medium' => 'yMMMd', 'long' => 'yMMMMd', 'full' => 'yMMMMEEEEd',
    ];

    /** @var array<string, IntlDateFormatter> */
    private static array $made = [];

    /** @param  \DateTimeInterface|string  $at  a day (YYYY-MM-DD), which is the same everywhere, or a moment, UTC */
    public static function day(\DateTimeInterface|string $at, string $as = 'medium'): string
    {
        return self::shown($at, self::DAYS[$as]);
    }

    public static function at(\DateTimeInterface|string $at, string $as = 'medium'): string
    {
        return self::shown($at, self::DAYS[$as].'jm');
    }

    public static function time(\DateTimeInterface|string $at): string
    {
        return self::shown($at, '');
    }

    /** @param  string  $skeleton  empty for the time alone, which has a short form of its own */
    private static function shown(\DateTimeInterface|string $at, string $skeleton): string
    {
        $place = app(Locality::class);
        $isDay = is_string($at) && strlen($at) === 10;
        $zone = $isDay ? 'UTC' : $place->zone;
        // A generator of patterns takes three times as long to make as all else.
        $formatter = self::$made["$place->region $zone $skeleton"] ??= $skeleton === ''
            ? new IntlDateFormatter($place->region, IntlDateFormatter::NONE, IntlDateFormatter::SHORT, $zone)
            : new IntlDateFormatter(
                $place->region, IntlDateFormatter::NONE, IntlDateFormatter::NONE, $zone, null,
                (string) (new IntlDatePatternGenerator($place->region))->getBestPattern($skeleton),
            );

        $at = is_string($at) ? new \DateTimeImmutable($at, new \DateTimeZone('UTC')) : $at;

        return (string) $formatter->format($at);
    }
}
