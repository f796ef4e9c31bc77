<?php

namespace InkyCard\Time;

use InkyCard\Refusal;

/** A time of day, to the minute, and where that is: no clock that runs. */
final readonly class Clock
{
    /** Zone of most people of a country with several (IANA); of others the first there is. */
    private const MAIN = [
        'AR' => 'America/Argentina/Buenos_Aires', 'AU' => 'Australia/Sydney', 'BR' => 'America/Sao_Paulo',
        'CA' => 'America/Toronto', 'CD' => 'Africa/Kinshasa', 'CL' => 'America/Santiago', 'CN' => 'Asia/Shanghai',
        'CY' => 'Asia/Nicosia', 'EC' => 'America/Guayaquil', 'ES' => 'Europe/Madrid', 'ID' => 'Asia/Jakarta',
        'KZ' => 'Asia/Almaty', 'MN' => 'Asia/Ulaanbaatar', 'MX' => 'America/Mexico_City', 'MY' => 'Asia/Kuala_Lumpur',
        'NZ' => 'Pacific/Auckland', 'PF' => 'Pacific/Tahiti', 'PT' => 'Europe/Lisbon', 'RU' => 'Europe/Moscow',
        'UA' => 'Europe/Kyiv', 'US' => 'America/New_York', 'UZ' => 'Asia/Tashkent',
    ];

    /**
     * @param  mixed  $raw  HH:MM, 24 hours
     *
     * @throws Refusal
     */
    public static function parse(mixed $raw): string
    {
        return is_string($raw) && preg_match('/^\s*([01]?\d|2[0-3])[:.]([0-5]\d)\s*$/D', $raw, $part) === 1
            ? sprintf('%02d:%s', $part[1], $part[2])
            : throw Refusal::because('The time is written in hours and minutes, such as 14:30.');
    }

    /**
     * @param  mixed  $raw  name of a zone (IANA)
     *
     * @throws Refusal
     */
    public static function zone(mixed $raw): string
    {
        return is_string($raw) && in_array(trim($raw), \DateTimeZone::listIdentifiers(), true) ? trim($raw)
            : throw Refusal::because('The time zone is a name such as Europe/London or America/New_York.');
    }

    /** @param  string  $country  ISO 3166-1 alpha-2 */
    public static function zoneOf(string $country): string
    {
        return self::MAIN[$country]
            ?? (preg_match('/^[A-Z]{2}$/D', $country) === 1
                ? \DateTimeZone::listIdentifiers(\DateTimeZone::PER_COUNTRY, $country)[0] ?? 'UTC' : 'UTC');
    }

    /**
     * As people write it there, such as 14:30 or 2:30 PM.
     *
     * @param  string  $locale  BCP 47
     */
    public static function words(string $time, string $locale): string
    {
        $written = (new \IntlDateFormatter(
            $locale, \IntlDateFormatter::NONE, \IntlDateFormatter::SHORT, 'UTC', \IntlDateFormatter::GREGORIAN,
        ))->format(new \DateTimeImmutable("2000-01-01T$time:00+00:00"));

        return $written === false ? $time : $written;
    }

    /**
     * When it is so late somewhere.
     *
     * @param  string  $time  HH:MM
     * @param  string  $zone  IANA
     */
    public static function moment(Day $day, string $time, string $zone): \DateTimeImmutable
    {
        return new \DateTimeImmutable("{$day->iso}T$time:00", new \DateTimeZone($zone));
    }

    /**
     * A moment as feeds and messages write it: RFC 822 with its usual mistakes, RFC 3339, or a day alone.
     *
     * @return ?int seconds since 1970 (UTC); null for what is none
     */
    public static function read(string $text): ?int
    {
        $text = trim((string) preg_replace('/^[\p{L}.]+,\s*/u', '', trim($text)));
        if (preg_match('/^\d{4}(-\d\d){0,2}([T ]|$)|^\d{1,2} \p{L}{3,9}\.? \d{2,4}/u', $text) !== 1) {
            return null;
        }
        $text = preg_match('/^\d{4}$|^\d{4}-\d\d$/D', $text) === 1 ? substr("$text-01-01", 0, 10) : $text;
        try {
            return (new \DateTimeImmutable($text, new \DateTimeZone('UTC')))->getTimestamp();
        } catch (\Exception) {
            return null;
        }
    }

    /** The day it is there. @param  int  $moment  seconds since 1970 (UTC) @param  string  $zone  IANA */
    public static function day(int $moment, string $zone): Day
    {
        return Day::at((new \DateTimeImmutable("@$moment"))->setTimezone(new \DateTimeZone($zone)));
    }

    /** The moment that day is over. @param  int  $moment  seconds since 1970 (UTC) @param  string  $zone  IANA */
    public static function midnight(int $moment, string $zone): int
    {
        return self::moment(self::day($moment, $zone)->plus(1), '00:00', $zone)->getTimestamp();
    }

    /**
     * So many days later, or, for a negative number, earlier, at the same time of day there: over clock changes too.
     *
     * @param  int  $moment  seconds since 1970 (UTC)
     * @param  string  $zone  IANA
     */
    public static function daysLater(int $moment, int $days, string $zone): int
    {
        return (new \DateTimeImmutable("@$moment"))->setTimezone(new \DateTimeZone($zone))
            ->modify(sprintf('%+d days', $days))->getTimestamp();
    }

    /** A moment as calendars exchange it (RFC 5545, 3.3.5): 20270522T130000Z. */
    public static function utc(\DateTimeInterface $moment): string
    {
        return \DateTimeImmutable::createFromInterface($moment)->setTimezone(new \DateTimeZone('UTC'))
            ->format('Ymd\THis\Z');
    }
}
