<?php

namespace Tests\Core;

use InkyCard\Banner\DayRule;
use InkyCard\Banner\Occasion;
use InkyCard\Banner\Occasions;
use InkyCard\Time\Day;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Days of the year people promote for, against the calendars of the years around now. */
final class OccasionTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> occasion, days as printed in calendars */
    public static function known(): iterable
    {
        yield 'Easter' => ['easter', ['2024-03-31', '2025-04-20', '2026-04-05', '2027-03-28', '2038-04-25']];
        yield 'Orthodox Easter' => ['orthodox-easter', ['2024-05-05', '2025-04-20', '2026-04-12', '2027-05-02']];
        yield 'Mothering Sunday' => ['mothering-sunday', ['2024-03-10', '2025-03-30', '2026-03-15', '2027-03-07']];
        yield 'Mother\'s Day' => ['mothers', ['2025-05-11', '2026-05-10', '2027-05-09']];
        yield 'Spring bank holiday' => ['spring-holiday', ['2025-05-26', '2026-05-25', '2027-05-31']];
        yield 'Thanksgiving' => ['thanksgiving-us', ['2025-11-27', '2026-11-26', '2028-11-23']];
        yield 'the day after' => ['black-friday', ['2025-11-28', '2026-11-27']];
        yield 'Advent' => ['advent', ['2024-12-01', '2025-11-30', '2026-11-29', '2027-11-28', '2028-12-03']];
        yield 'Whitsun' => ['pentecost', ['2025-06-08', '2026-05-24']];
        yield 'Lunar New Year' => ['lunar-new-year', ['2024-02-10', '2025-01-29', '2027-02-06', '2030-02-03',
            '2033-01-31', '2040-02-12', '2044-01-30']];
        yield 'Mid-Autumn, with a leap month before it' => ['mid-autumn', ['2023-09-29', '2025-10-06', '2026-09-25']];
        yield 'Hanukkah' => ['hanukkah', ['2024-12-26', '2025-12-15', '2026-12-05']];
        yield 'Rosh Hashanah' => ['rosh-hashanah', ['2024-10-03', '2025-09-23', '2026-09-12']];
        yield 'Nowruz' => ['nowruz', ['2024-03-20', '2025-03-21', '2026-03-21']];
        yield 'Eid al-Fitr' => ['eid-al-fitr', ['2024-04-10', '2025-03-30', '2026-03-20']];
        yield 'Eid al-Adha' => ['eid-al-adha', ['2024-06-16', '2025-06-06', '2026-05-27']];
    }

    /** @param  list<string>  $days */
    #[DataProvider('known')]
    public function test_days_fall_where_calendars_print_them(string $occasion, array $days): void
    {
        foreach ($days as $day) {
            $found = array_column(Occasions::all()[$occasion]->in((int) substr($day, 0, 4)), 'iso');
            $this->assertContains($day, $found);
        }
    }

    public function test_every_occasion_falls_in_every_year_but_for_shorter_calendars(): void
    {
        foreach (Occasions::all() as $key => $occasion) {
            foreach (range(2024, 2044) as $year) {
                $days = $occasion->in($year);
                $this->assertLessThanOrEqual(2, count($days), "$key $year");
                // Only years of twelve moons fall twice into one of ours, or not at all.
                count($days) === 1 || $this->assertContains($key, ['ramadan', 'eid-al-fitr', 'eid-al-adha'], "$year");
                foreach ($days as $day) {
                    $this->assertTrue($day->isIn($year));
                }
            }
            $this->assertNotSame('', $occasion->source);
            $this->assertGreaterThan(0, $occasion->lead);
        }
    }

    public function test_a_year_is_in_order_and_of_its_country(): void
    {
        $usual = fn (string $country): array => array_map(
            fn (array $one): string => $one[1]->key, Occasions::of(2026, $country),
        );
        $this->assertContains('bonfire', $usual('GB'));
        $this->assertNotContains('bonfire', $usual('US'));
        $this->assertContains('thanksgiving-us', $usual('US'));
        $days = array_map(fn (array $one): string => $one[0]->iso, Occasions::of(2026, 'GB'));
        $sorted = $days;
        sort($sorted);
        $this->assertSame($sorted, $days);
        $this->assertGreaterThan(20, count($days));
    }

    public function test_weekdays_are_right_all_over_a_century(): void
    {
        for ($year = 1990; $year < 2090; $year++) {
            foreach ([1, 2, 5, 11, 12] as $month) {
                foreach (['0/1', '1/-1', '4/4', '6/-2'] as $rule) {
                    [$weekday, $nth] = array_map(intval(...), explode('/', $rule));
                    [$day] = DayRule::days("$month/$rule", $year);
                    $date = new \DateTimeImmutable("$day->iso 12:00 UTC");
                    $this->assertSame((string) $weekday, $date->format('w'));
                    $this->assertSame($month, (int) $date->format('n'));
                    $of = (int) $date->format('j');
                    $from = $nth > 0 ? $of : (int) $date->format('t') - $of + 1;
                    $this->assertSame(abs($nth), intdiv($from - 1, 7) + 1, "$month/$rule $year");
                }
            }
        }
        $this->assertSame([], DayRule::days('02-29', 2027));
        $this->assertSame('2028-02-29', DayRule::days('02-29', 2028)[0]->iso);
        $own = new Occasion('x', 'Our day', 'chinese 1-1', [], 1, 1, 'x');
        $this->assertEquals([Day::parse('2026-02-17')], $own->in(2026));
    }
}
