<?php

namespace InkyCard\Banner;

/**
 * Whether one of two banners brings more visitors than the other, by how many cards showed each for how long.
 *
 * Of all visitors of both, those of the first are a share; were the banners alike, it would be the first one's share of
 * the card-days. The interval is a confidence sequence by the method of mixtures (Robbins, "Statistical methods related
 * to the law of the iterated logarithm", 1970; Howard, Ramdas, McAuliffe and Sekhon, "Time-uniform, nonparametric,
 * nonasymptotic confidence sequences", 2021): it stays true however often somebody looks, which an ordinary one does
 * not.
 */
final readonly class Comparison
{
    /** Chance that the interval ever misses. */
    private const MISS = 0.05;

    /** Parameters of the beta distribution mixed over: half a visitor for each. */
    private const MIX = 0.5;

    /** A ratio people would act on, where none shows yet. */
    private const WORTH = 1.5;

    /** More visitors than anybody waits for. */
    private const ENDLESS = 100_000;

    /** Steps the ends of the interval are found in: a ten-thousandth of the share. */
    private const STEPS = 14;

    private float $even;

    /**
     * @param  int  $one  visitors of the first
     * @param  int  $other  visitors of the second
     * @param  float  $oneShown  days times cards the first was on
     */
    public function __construct(
        public int $one, public int $other, private float $oneShown, private float $otherShown,
    ) {
        $all = $oneShown + $otherShown;
        $this->even = $all > 0 ? $oneShown / $all : 0.5;
    }

    /** Visitors of the first by those of the second, per card and day; null while that cannot be said. */
    public function ratio(): ?float
    {
        return $this->other === 0 || $this->one === 0 || ! $this->isShown() ? null
            : $this->one / $this->oneShown / ($this->other / $this->otherShown);
    }

    /** @return array{float, float} of the ratio, true at every look with 95 % together; INF where there is no end */
    public function interval(): array
    {
        if (! $this->isShown()) {
            return [0.0, INF];
        }

        return [$this->asRatio($this->end(-1)), $this->asRatio($this->end(1))];
    }

    /** 1 for the first, -1 for the second, 0 for neither: it may still be chance. */
    public function better(): int
    {
        $all = $this->one + $this->other;
        // As much as saying that the interval leaves out 1.
        if (! $this->isShown() || self::evidence($this->one, $all, $this->even) < -log(self::MISS)) {
            return 0;
        }

        return $this->one / $all > $this->even ? 1 : -1;
    }

    /**
     * How many more visitors there have to be until it might say something: if they go on as they do, or, where they
     * are alike, if one were half again as good as the other.
     *
     * @return ?int null for more than anybody waits for
     */
    public function lacking(): ?int
    {
        $now = $this->one + $this->other;
        $share = $now === 0 ? $this->even : $this->one / $now;
        $worth = self::WORTH * $this->even / (self::WORTH * $this->even + 1 - $this->even);
        if (abs($share - $this->even) < abs($worth - $this->even) / 2) {
            $share = $worth;
        }
        [$low, $high] = [$now, self::ENDLESS];
        if (! $this->wouldTell($share, $high)) {
            return null;
        }
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($this->wouldTell($share, $middle)) {
                $high = $middle;
            } else {
                $low = $middle + 1;
            }
        }

        return $low - $now;
    }

    private function isShown(): bool
    {
        return $this->oneShown > 0 && $this->otherShown > 0;
    }

    private function wouldTell(float $share, int $visitors): bool
    {
        return self::evidence($share * $visitors, $visitors, $this->even) >= -log(self::MISS);
    }

    /** One end of the interval of the share. @param  int  $way  -1 for the lower, 1 for the upper */
    private function end(int $way): float
    {
        $all = $this->one + $this->other;
        $inside = $all === 0 ? 0.5 : $this->one / $all;
        $outside = $way < 0 ? 0.0 : 1.0;
        for ($step = 0; $step < self::STEPS; $step++) {
            $middle = ($inside + $outside) / 2;
            if (self::evidence($this->one, $all, $middle) < -log(self::MISS)) {
                $inside = $middle;
            } else {
                $outside = $middle;
            }
        }

        return $outside;
    }

    /**
     * Logarithm of the mixture martingale against a share: what was seen, as likely by all shares as by that one.
     *
     * @param  float  $hits  of so many tries
     */
    private static function evidence(float $hits, float $tries, float $share): float
    {
        $share = max(1e-12, min(1 - 1e-12, $share));

        return self::beta(self::MIX + $hits, self::MIX + $tries - $hits) - self::beta(self::MIX, self::MIX)
            - $hits * log($share) - ($tries - $hits) * log(1 - $share);
    }

    /** Logarithm of the beta function. */
    private static function beta(float $one, float $other): float
    {
        return self::gamma($one) + self::gamma($other) - self::gamma($one + $other);
    }

    /** Logarithm of the gamma function: Stirling's series from 8 on (Abramowitz and Stegun, 6.1.41). */
    private static function gamma(float $at): float
    {
        $less = 0.0;
        for (; $at < 8; $at++) {
            $less += log($at);
        }

        return ($at - 0.5) * log($at) - $at + 0.5 * log(2 * M_PI) + 1 / (12 * $at) - 1 / (360 * $at ** 3)
            + 1 / (1260 * $at ** 5) - $less;
    }

    private function asRatio(float $share): float
    {
        return $share >= 1 ? INF : $share / (1 - $share) * $this->otherShown / $this->oneShown;
    }
}
