<?php

namespace InkyCard\Banner;

use InkyCard\Time\Day;

/**
 * Finds the days a rule names in a Gregorian year:
 * `12-24` a fixed day; `11-27>0` the first Sunday from then on (0 is Sunday);
 * `5/0/2` the second Sunday of May, `5/1/-1` its last Monday, with `+1` behind it the day after;
 * `easter-21` three weeks before Easter Sunday, `orthodox+0` Easter of the churches that go by the Julian calendar;
 * `chinese 1-1`, `islamic-umalqura 10-1`, `hebrew 3-25`, `persian 1-1` a month and day of a calendar of ICU, months
 * counted from 1: the Hebrew year begins with Tishri there, leap months of the Chinese one do not count.
 */
final class DayRule
{
    /**
     * New moons within minutes of midnight in Beijing, which ICU's shorter series puts on the other side of it; days as
     * printed in almanacs of the Chinese calendar (GB/T 33661).
     */
    private const ALMANAC = ['chinese 1-1' => [2027 => '2027-02-06', 2030 => '2030-02-03']];

    /** @return list<Day> in order */
    public static function days(string $rule, int $year): array
    {
        $printed = self::ALMANAC[$rule][$year] ?? null;

        return match (true) {
            $printed !== null => [Day::parse($printed)],
            preg_match('/^(\d\d)-(\d\d)$/D', $rule, $part) === 1 => self::fixed($year, (int) $part[1], (int) $part[2]),
            preg_match('/^(\d\d)-(\d\d)>([0-6])$/D', $rule, $part) === 1 => [
                self::onOrAfter(self::day($year, (int) $part[1], (int) $part[2]), (int) $part[3]),
            ],
            preg_match('~^(\d+)/([0-6])/(-?\d)(?:\+(\d+))?$~D', $rule, $part) === 1 => [
                self::weekday($year, (int) $part[1], (int) $part[2], (int) $part[3])->plus((int) ($part[4] ?? 0)),
            ],
            preg_match('/^(easter|orthodox)([+-]\d+)$/D', $rule, $part) === 1 => [
                ($part[1] === 'easter' ? self::easter($year) : self::orthodoxEaster($year))->plus((int) $part[2]),
            ],
            preg_match('/^([a-z-]+) (\d+)-(\d+)$/D', $rule, $part) === 1 => self::of(
                $part[1], (int) $part[2], (int) $part[3], $year,
            ),
            default => throw new \LogicException("No rule: $rule"),
        };
    }

    /** @return list<Day> none for 29 February of most years */
    private static function fixed(int $year, int $month, int $day): array
    {
        return checkdate($month, $day, $year) ? [self::day($year, $month, $day)] : [];
    }

    /** @param  int  $nth  first is 1, last is -1 */
    private static function weekday(int $year, int $month, int $weekday, int $nth): Day
    {
        $first = self::day($year, $month, 1);
        if ($nth < 0) {
            $next = $month === 12 ? self::day($year + 1, 1, 1) : self::day($year, $month + 1, 1);
            $last = $next->plus(-1);

            return $last->plus(-(($last->weekday() - $weekday + 7) % 7) + 7 * ($nth + 1));
        }

        return self::onOrAfter($first, $weekday)->plus(7 * ($nth - 1));
    }

    private static function onOrAfter(Day $day, int $weekday): Day
    {
        return $day->plus(($weekday - $day->weekday() + 7) % 7);
    }

    /** Easter Sunday: the anonymous Gregorian algorithm (Meeus, Astronomical Algorithms, chapter 8). */
    private static function easter(int $year): Day
    {
        $a = $year % 19;
        [$b, $c] = [intdiv($year, 100), $year % 100];
        $f = intdiv($b + 8, 25);
        $h = (19 * $a + $b - intdiv($b, 4) - intdiv($b - $f + 1, 3) + 15) % 30;
        $l = (32 + 2 * ($b % 4) + 2 * intdiv($c, 4) - $h - $c % 4) % 7;
        $m = intdiv($a + 11 * $h + 22 * $l, 451);
        $n = $h + $l - 7 * $m + 114;

        return self::day($year, intdiv($n, 31), $n % 31 + 1);
    }

    /** The same by the Julian calendar (Meeus, chapter 8), told in Gregorian days. */
    private static function orthodoxEaster(int $year): Day
    {
        $d = (19 * ($year % 19) + 15) % 30;
        $n = $d + (2 * ($year % 4) + 4 * ($year % 7) - $d + 34) % 7 + 114;
        // Days the Julian calendar is behind.
        $behind = intdiv($year, 100) - intdiv($year, 400) - 2;

        return self::day($year, intdiv($n, 31), $n % 31 + 1)->plus($behind);
    }

    /** @return list<Day> */
    private static function of(string $calendar, int $month, int $day, int $year): array
    {
        $zone = \IntlTimeZone::createTimeZone('UTC');
        $icu = \IntlCalendar::createInstance($zone, "en@calendar=$calendar");
        $found = [];
        for ($at = self::day($year, 1, 1); $at->isIn($year); $at = $at->plus(1)) {
            $icu->setTime(1000.0 * $at->seconds());
            if ($icu->get(\IntlCalendar::FIELD_DAY_OF_MONTH) === $day
                && $icu->get(\IntlCalendar::FIELD_MONTH) === $month - 1
                && $icu->get(\IntlCalendar::FIELD_IS_LEAP_MONTH) === 0) {
                $found[] = $at;
            }
        }

        return $found;
    }

    private static function day(int $year, int $month, int $day): Day
    {
        return Day::parse(sprintf('%04d-%02d-%02d', $year, $month, $day));
    }
}
