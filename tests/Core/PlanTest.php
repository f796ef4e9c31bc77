<?php

namespace Tests\Core;

use InkyCard\Banner\Audience;
use InkyCard\Banner\PlaceWindow;
use InkyCard\Banner\Plan;
use InkyCard\Refusal;
use InkyCard\Time\Clock;
use InkyCard\Time\Day;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Who shows what when: windows by lot, and what has to hold of all of them. */
final class PlanTest extends TestCase
{
    private const DAY = 86_400;

    private const LABELS = ['planting', 'office', 'north'];

    /** @return list<PlaceWindow> */
    private static function windows(int $seed, int $number = 14): array
    {
        mt_srand($seed);
        $windows = [];
        for ($n = 0; $n < $number; $n++) {
            $from = mt_rand(0, 80) * self::DAY + mt_rand(0, 1) * 3600;
            $windows[] = new PlaceWindow(
                "w$n", "b$n", $from, $from + mt_rand(1, 30) * self::DAY, match (mt_rand(0, 3)) {
                    0, 1 => Audience::everyone(),
                    2 => Audience::labels([self::LABELS[mt_rand(0, 2)]]),
                    default => Audience::cards([mt_rand(1, 6)]),
                }, mt_rand(0, 2), mt_rand(1, 3),
            );
        }

        return $windows;
    }

    public function test_days_are_shared_evenly_and_all_cards_show_the_same(): void
    {
        foreach ([[1, 1], [1, 3], [2, 1, 1]] as $shares) {
            $windows = array_map(fn (int $at, int $share) => new PlaceWindow(
                "w$at", "b$at", 0, 800 * self::DAY, Audience::everyone(), 0, $share, $at === 0,
            ), array_keys($shares), $shares);
            // A zone whose days have 23 and 25 hours, too.
            $plan = new Plan($windows, 'Europe/London');
            foreach ([0, 85, 290] as $first) {
                foreach ([7, 14, 30, 200] as $days) {
                    $count = array_fill_keys(array_column($windows, 'id'), 0);
                    for ($day = $first; $day < $first + $days; $day++) {
                        $noon = $day * self::DAY + 43_200;
                        $one = $plan->at($noon, 1);
                        $this->assertSame($one, $plan->at($noon, 77));
                        $this->assertSame([5 => $one, 6 => $one], $plan->carried($noon, [5 => [], 6 => []]));
                        $count[$one->id ?? '']++;
                        $holds = $plan->holds($noon, 1, [], 1000 * self::DAY);
                        $this->assertSame('00:00', (new \DateTimeImmutable("@$holds"))
                            ->setTimezone(new \DateTimeZone('Europe/London'))->format('H:i'));
                        $this->assertSame($one, $plan->at($holds - 1, 1), 'as long as it says');
                    }
                    foreach ($windows as $window) {
                        $due = $days * $window->share / array_sum($shares);
                        $this->assertEqualsWithDelta($due, $count[$window->id], 2.0, "$days days from $first");
                    }
                }
            }
        }
    }

    public function test_at_every_moment_every_card_has_one_banner_or_a_gap_however_it_is_asked(): void
    {
        foreach (range(1, 40) as $seed) {
            $plan = new Plan(self::windows($seed));
            $cards = [];
            foreach (range(1, 6) as $card) {
                $cards[$card] = array_values(array_filter(self::LABELS, fn () => mt_rand(0, 1) === 1));
            }
            foreach ($cards as $card => $labels) {
                $stretches = $plan->stretches(0, 120 * self::DAY, $card, $labels);
                $end = $stretches[count($stretches) - 1]->until;
                $this->assertSame([0, 120 * self::DAY], [$stretches[0]->from, $end]);
                foreach ($stretches as $index => $stretch) {
                    $this->assertSame($stretches[$index - 1]->until ?? 0, $stretch->from, 'no hole between two');
                    [$first, $last] = [$stretch->from, $stretch->until - 1];
                    foreach ([$first, intdiv($first + $last, 2), $last] as $at) {
                        $one = $plan->at($at, $card, $labels);
                        $this->assertSame($stretch->isGap(), $one === null, "seed $seed card $card at $at");
                        $one === null || $this->assertContains($one, $stretch->windows);
                        $this->assertSame($one, $plan->carried($at, $cards)[$card]);
                    }
                }
            }
        }
    }

    public function test_a_window_moved_by_a_day_moves_its_own_days_alone(): void
    {
        foreach (range(1, 30) as $seed) {
            $windows = self::windows($seed);
            // Alone in its priority: nobody else's days depend on it.
            $mine = new PlaceWindow('mine', 'mine', 20 * self::DAY, 25 * self::DAY, Audience::everyone(), 9);
            $shown = fn (PlaceWindow $one): array => array_keys(array_filter(array_map(
                fn (int $day) => (new Plan([...$windows, $one]))->at($day * self::DAY + 7, 3)?->id === 'mine',
                range(0, 60),
            )));
            $this->assertSame(range(20, 24), $shown($mine));
            $this->assertSame(range(21, 25), $shown($mine->moved(self::DAY)));
            foreach ([10, 50] as $day) {
                $at = $day * self::DAY;
                $this->assertSame((new Plan($windows))->at($at, 3), (new Plan([...$windows, $mine]))->at($at, 3));
            }
        }
    }

    /** Days have 23 and 25 hours there, and begin at other moments. */
    public function test_a_window_moved_by_days_moves_its_days_in_any_zone(): void
    {
        $all = array_map(fn (int $day): Day => Day::parse('2027-01-01')->plus($day), range(0, 400));
        foreach (['Europe/London', 'America/New_York', 'Australia/Lord_Howe', 'Pacific/Auckland'] as $zone) {
            $days = fn (PlaceWindow $window): array => array_column(array_filter(
                $all, fn (Day $day) => $window->covers(Clock::moment($day, '12:00', $zone)->getTimestamp()),
            ), 'iso');
            mt_srand(7);
            for ($try = 0; $try < 40; $try++) {
                $first = Day::parse('2027-01-01')->plus(mt_rand(40, 300));
                $length = mt_rand(1, 30);
                $by = mt_rand(-30, 30);
                $at = fn (Day $day): int => Clock::moment($day, '00:00', $zone)->getTimestamp();
                $window = new PlaceWindow('w', 'b', $at($first), $at($first->plus($length)), Audience::everyone());
                $moved = $window->movedDays($by, $zone);
                $this->assertSame(
                    array_map(fn (string $iso) => Day::parse($iso)->plus($by)->iso, $days($window)), $days($moved),
                    "$zone, $length days from $first->iso by $by",
                );
                $this->assertCount($length, $days($moved));
                $this->assertEquals($window, $moved->movedDays(-$by, $zone), 'and back');
            }
        }
    }

    public function test_shares_hold_over_cards_and_a_card_keeps_its_banner(): void
    {
        $window = fn (string $id, int $share): PlaceWindow => new PlaceWindow(
            $id, $id, 0, 10, Audience::everyone(), 1, $share,
        );
        $three = [$window('spring', 3), $window('visit', 1), $window('roses', 1)];
        $carried = fn (PlaceWindow ...$windows): array => array_map(
            fn (?PlaceWindow $one) => $one->id ?? '',
            (new Plan(array_values($windows)))->carried(5, array_fill_keys(range(1, 5000), [])),
        );
        $with = $carried(...$three);
        $counts = array_count_values($with);
        $this->assertEqualsWithDelta(3000, $counts['spring'], 120);
        $this->assertEqualsWithDelta(1000, $counts['visit'], 100);
        $this->assertSame($with, $carried(...array_reverse($three)), 'in whatever order they were written');
        // One that goes gives its cards away and moves no other's.
        $without = $carried($three[0], $three[1]);
        foreach ($with as $card => $id) {
            $id === 'roses' || $this->assertSame($id, $without[$card]);
        }
    }

    public function test_gaps_and_overlaps_are_named(): void
    {
        $plan = new Plan([
            new PlaceWindow('a', 'spring', 0, 10, Audience::everyone()),
            new PlaceWindow('b', 'roses', 8, 20, Audience::everyone()),
            new PlaceWindow('c', 'sale', 25, 30, Audience::labels(['planting'])),
            new PlaceWindow('d', 'urgent', 9, 12, Audience::everyone(), 5),
        ]);
        $says = fn (string ...$labels): array => array_map(
            fn ($one) => "$one->from-$one->until ".implode('+', array_column($one->windows, 'banner')),
            $plan->stretches(0, 40, labels: array_values($labels)),
        );
        $this->assertSame(['0-8 spring', '8-9 spring+roses', '9-12 urgent', '12-20 roses', '20-40 '], $says());
        $this->assertSame(
            ['0-8 spring', '8-9 spring+roses', '9-12 urgent', '12-20 roses', '20-25 ', '25-30 sale', '30-40 '],
            $says('planting'),
        );
    }

    /** @return iterable<string, array{int, int, int, int, string}> */
    public static function bad(): iterable
    {
        yield 'last before first' => [10, 5, 0, 1, 'ends after it begins'];
        yield 'no time at all' => [10, 10, 0, 1, 'ends after it begins'];
        yield 'priority' => [0, 1, 10, 1, 'from 0 to 9'];
        yield 'share' => [0, 1, 0, 0, 'from 1 to 100'];
    }

    #[DataProvider('bad')]
    public function test_a_bad_window_is_refused(int $from, int $until, int $priority, int $share, string $says): void
    {
        try {
            new PlaceWindow('w', 'b', $from, $until, Audience::everyone(), $priority, $share);
            $this->fail('taken');
        } catch (Refusal $refusal) {
            $this->assertStringContainsString($says, $refusal->getMessage());
        }
    }
}
