<?php

namespace Tests\Core;

use InkyCard\Refusal;
use InkyCard\Time\Day;
use InkyCard\Time\Window;
use InkyCard\Time\YearlyPeriod;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

class TimeTest extends TestCase
{
    /** @return iterable<array{string, string, int}> */
    public static function apart(): iterable
    {
        yield 'the same' => ['2026-11-25', '2026-11-25', 0];
        yield 'over the end of February' => ['2026-02-28', '2026-03-01', 1];
        yield 'in a leap year' => ['2028-02-28', '2028-03-01', 2];
        yield 'over the turn of a century' => ['1999-12-31', '2000-01-01', 1];
        yield 'a year' => ['2026-01-01', '2027-01-01', 365];
        yield 'back' => ['2026-12-01', '2026-11-25', -6];
        yield 'over the change of clocks' => ['2026-03-28', '2026-03-30', 2];
    }

    #[DataProvider('apart')]
    public function test_days_between_days_are_those_of_the_calendar(string $from, string $to, int $days): void
    {
        $day = Day::parse($from);
        $this->assertSame($days, $day->until(Day::parse($to)));
        $this->assertSame($to, $day->plus($days)->iso);
        $this->assertSame($days > 0, $day->isBefore(Day::parse($to)));
    }

    public function test_a_day_is_the_one_it_is_where_the_moment_is_told(): void
    {
        foreach (['Pacific/Kiritimati' => '2026-12-01', 'Europe/London' => '2026-11-30'] as $zone => $day) {
            $moment = (new \DateTimeImmutable('2026-11-30T23:30:00+00:00'))->setTimezone(new \DateTimeZone($zone));
            $this->assertSame($day, Day::at($moment)->iso);
        }
        $this->assertSame('14 March 2027', Day::parse('2027-03-14')->words());
    }

    public function test_what_is_no_day_is_refused_in_a_sentence(): void
    {
        foreach (['2026-02-29', '2026-13-01', '26-1-1', '2026-11-25 ', "2026-11-25\n", '', null, 20261125,
            []] as $raw) {
            try {
                Day::parse($raw);
                $this->fail(json_encode($raw).' is no day');
            } catch (Refusal $refusal) {
                $this->assertStringContainsString('such as 2027-03-14', $refusal->getMessage());
            }
        }
    }

    public function test_a_window_is_open_on_its_last_day_and_counts_down_to_it(): void
    {
        $window = Window::until(Day::parse('2026-11-30'));
        $left = fn (string $day) => [$window->daysLeft(Day::parse($day)), $window->isOver(Day::parse($day))];
        $this->assertSame([5, false], $left('2026-11-25'));
        $this->assertSame([0, false], $left('2026-11-30'));
        $this->assertSame([null, true], $left('2026-12-01'));
    }

    /** @return iterable<array{string, string, string, bool}> */
    public static function yearly(): iterable
    {
        yield 'first day' => ['12-01', '12-31', '2026-12-01', true];
        yield 'last day' => ['12-01', '12-31', '2031-12-31', true];
        yield 'day before' => ['12-01', '12-31', '2026-11-30', false];
        yield 'over New Year, after it' => ['12-01', '01-06', '2027-01-06', true];
        yield 'over New Year, outside' => ['12-01', '01-06', '2027-01-07', false];
        yield 'a leap day alone' => ['02-29', '02-29', '2028-02-29', true];
    }

    #[DataProvider('yearly')]
    public function test_a_period_comes_back_every_year(string $from, string $until, string $day, bool $within): void
    {
        $this->assertSame($within, YearlyPeriod::of($from, $until)->contains(Day::parse($day)));
    }

    public function test_a_period_says_which_of_its_days_is_none(): void
    {
        foreach ([['02-30', '03-01', '/from'], ['02-01', 'May', '/until']] as [$from, $until, $path]) {
            try {
                YearlyPeriod::of($from, $until);
                $this->fail("$from to $until is no period");
            } catch (Refusal $refusal) {
                $this->assertSame($path, $refusal->path);
            }
        }
    }
}
