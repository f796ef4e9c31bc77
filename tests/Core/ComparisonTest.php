<?php

namespace Tests\Core;

use InkyCard\Banner\Comparison;
use PHPUnit\Framework\TestCase;

/** Two banners compared: by lot, as often as somebody looks. */
final class ComparisonTest extends TestCase
{
    private const RUNS = 2000;

    public function test_without_a_difference_hardly_any_run_ever_claims_one_however_often_somebody_looks(): void
    {
        mt_srand(1812);
        $claimed = 0;
        for ($run = 0; $run < self::RUNS; $run++) {
            // Unequal shares of cards, too.
            $share = [0.5, 0.25, 0.8][$run % 3];
            $seen = [0, 0];
            for ($visitor = 1; $visitor <= 300; $visitor++) {
                $seen[mt_rand() / mt_getrandmax() < $share ? 0 : 1]++;
                if ($visitor % 3 === 0
                    && (new Comparison($seen[0], $seen[1], 100 * $share, 100 * (1 - $share)))->better() !== 0) {
                    $claimed++;
                    break;
                }
            }
        }
        $this->assertLessThanOrEqual(0.06 * self::RUNS, $claimed);
    }

    public function test_a_difference_that_is_there_is_found_and_its_interval_holds_it(): void
    {
        mt_srand(7);
        $found = $held = 0;
        for ($run = 0; $run < 200; $run++) {
            $seen = [0, 0];
            for ($visitor = 0; $visitor < 400; $visitor++) {
                $seen[mt_rand() / mt_getrandmax() < 2 / 3 ? 0 : 1]++;
            }
            $comparison = new Comparison($seen[0], $seen[1], 50, 50);
            $found += $comparison->better() === 1 ? 1 : 0;
            [$least, $most] = $comparison->interval();
            $this->assertSame($comparison->better(), $least > 1 ? 1 : ($most < 1 ? -1 : 0));
            $held += $least <= 2 && $most >= 2 ? 1 : 0;
        }
        $this->assertGreaterThan(180, $found);
        $this->assertGreaterThan(190, $held);
    }

    public function test_nothing_is_said_of_nothing_and_more_is_asked_for(): void
    {
        $none = new Comparison(0, 0, 10, 10);
        $this->assertSame([null, 0], [$none->ratio(), $none->better()]);
        $this->assertSame([0.0, INF], $none->interval());
        $this->assertGreaterThan(50, $none->lacking());
        $some = new Comparison(20, 10, 10, 10);
        $this->assertSame(2.0, $some->ratio());
        $this->assertSame(0, $some->better());
        $lacking = (int) $some->lacking();
        $more = new Comparison(20 + (int) ceil($lacking * 2 / 3), 10 + intdiv($lacking, 3), 10, 10);
        $this->assertSame(1, $more->better());
        $this->assertSame(-1, (new Comparison(30, 300, 10, 10))->better());
        // One that was on three times as many cards is no better by that.
        $this->assertSame(0, (new Comparison(300, 100, 30, 10))->better());
        $this->assertSame(0, (new Comparison(5, 0, 10, 0))->better());
    }
}
