<?php

namespace InkyCard\Banner;

use InkyCard\Time\Clock;

/**
 * Which banner stands on which card when. Of all windows due on a card the highest priority goes first; those of one
 * priority share its cards, steadily: one sender's readers see one banner. Or, where one of them wants that, they share
 * its days, on which all cards show the same.
 */
final readonly class Plan
{
    /** The golden section: its multiples, less their whole parts, are spread evenly however many there are (Weyl). */
    private const GOLDEN = 0.618_033_988_749_894_8;

    /**
     * @param  list<PlaceWindow>  $windows
     * @param  string  $zone  IANA, days begin and end by
     */
    public function __construct(private array $windows, private string $zone = 'UTC')
    {
    }

    /**
     * @param  int  $moment  seconds since 1970 (UTC)
     * @param  int  $card  its number
     * @param  list<string>  $labels  of the card
     * @return ?PlaceWindow null for a gap
     */
    public function at(int $moment, int $card, array $labels = []): ?PlaceWindow
    {
        return $this->chosen($this->due($moment, $card, $labels), $card, $moment);
    }

    /**
     * The moment up to which a card shows what it does.
     *
     * @param  list<string>  $labels
     * @param  int  $most  it is looked for so far, seconds
     */
    public function holds(int $moment, int $card, array $labels, int $most): int
    {
        $until = $this->stretches($moment, $moment + $most, $card, $labels)[0]->until;
        $shared = self::first($this->due($moment, $card, $labels));

        return self::areByDays($shared) ? min($until, Clock::midnight($moment, $this->zone)) : $until;
    }

    /**
     * @param  list<string>  $labels
     * @return array<PlaceWindow>
     */
    private function due(int $moment, int $card, array $labels): array
    {
        return array_filter(
            $this->windows,
            fn (PlaceWindow $window) => $window->covers($moment) && self::isFor($window, $card, $labels),
        );
    }

    /**
     * What many cards carry at one moment.
     *
     * @param  array<int, list<string>>  $cards  number => labels
     * @return array<int, ?PlaceWindow> number => window, null for a gap
     */
    public function carried(int $moment, array $cards): array
    {
        $due = array_filter($this->windows, fn (PlaceWindow $window) => $window->covers($moment));
        $single = [];
        foreach ($due as $window) {
            foreach ($window->audience->cards as $card) {
                $single[$card][] = $window;
            }
        }
        $carried = $byLabels = $byDay = [];
        foreach ($cards as $card => $labels) {
            // Cards of the same labels have the same windows, but for those of single cards.
            $key = implode("\n", $labels);
            $byLabels[$key] ??= self::first(array_filter(
                $due, fn (PlaceWindow $window) => $window->audience->hasLabel(...$labels),
            ));
            $windows = $byLabels[$key];
            if (isset($single[$card])) {
                $carried[$card] = $this->chosen([...$windows, ...$single[$card]], $card, $moment);
            } elseif (self::areByDays($windows)) {
                $carried[$card] = $byDay[$key] ??= $this->ofDay($windows, $moment);
            } else {
                $carried[$card] = count($windows) < 2 ? $windows[0] ?? null : self::pulled($windows, $card);
            }
        }

        return $carried;
    }

    /**
     * A stretch of time taken apart where what is due changes.
     *
     * @param  int  $from  seconds since 1970 (UTC)
     * @param  int  $until  the moment it is over
     * @param  int  $card  a card's number; 0 for any
     * @param  list<string>  $labels  of cards
     * @return list<Stretch> in order, without a hole between them
     */
    public function stretches(int $from, int $until, int $card = 0, array $labels = []): array
    {
        $begins = $ends = [];
        $moments = [$from => true, $until => true];
        foreach ($this->windows as $index => $window) {
            if ($window->until <= $from || $window->from >= $until || ! self::isFor($window, $card, $labels)) {
                continue;
            }
            $begin = max($from, $window->from);
            $end = min($until, $window->until);
            $begins[$begin][$index] = $ends[$end][$index] = $window;
            $moments[$begin] = $moments[$end] = true;
        }
        ksort($moments);
        $moments = array_keys($moments);
        $due = $stretches = [];
        for ($at = 0; $at < count($moments) - 1; $at++) {
            $due = array_diff_key($due, $ends[$moments[$at]] ?? []) + ($begins[$moments[$at]] ?? []);
            $stretches[] = new Stretch($moments[$at], $moments[$at + 1], self::first($due));
        }

        return self::joined($stretches);
    }

    /**
     * @param  list<Stretch>  $stretches
     * @return list<Stretch> neighbours with the same windows as one
     */
    private static function joined(array $stretches): array
    {
        $joined = [];
        foreach ($stretches as $stretch) {
            $last = array_key_last($joined);
            if ($last !== null && $joined[$last]->windows === $stretch->windows) {
                $joined[$last] = new Stretch($joined[$last]->from, $stretch->until, $stretch->windows);
            } else {
                $joined[] = $stretch;
            }
        }

        return $joined;
    }

    /** @param  list<string>  $labels */
    private static function isFor(PlaceWindow $window, int $card, array $labels): bool
    {
        return $window->audience->hasLabel(...$labels) || in_array($card, $window->audience->cards, true);
    }

    /**
     * @param  array<PlaceWindow>  $windows
     * @return list<PlaceWindow> those of the highest priority, in order of their ids
     */
    private static function first(array $windows): array
    {
        $highest = -1;
        $first = [];
        foreach ($windows as $window) {
            if ($window->priority > $highest) {
                $highest = $window->priority;
                $first = [];
            }
            if ($window->priority === $highest) {
                $first[] = $window;
            }
        }
        if (count($first) > 1) {
            usort($first, fn (PlaceWindow $one, PlaceWindow $other) => strcmp($one->id, $other->id));
        }

        return $first;
    }

    /** @param  array<PlaceWindow>  $windows */
    private function chosen(array $windows, int $card, int $moment): ?PlaceWindow
    {
        $first = self::first($windows);

        return match (true) {
            count($first) < 2 => $first[0] ?? null,
            self::areByDays($first) => $this->ofDay($first, $moment),
            default => self::pulled($first, $card),
        };
    }

    /** @param  non-empty-list<PlaceWindow>  $windows */
    private static function pulled(array $windows, int $card): PlaceWindow
    {
        $best = $windows[0];
        $most = -1.0;
        foreach ($windows as $window) {
            $pull = $window->pull($card);
            if ($pull > $most) {
                [$best, $most] = [$window, $pull];
            }
        }

        return $best;
    }

    /** @param  list<PlaceWindow>  $windows */
    private static function areByDays(array $windows): bool
    {
        return count($windows) > 1 && array_filter(array_column($windows, 'byDays')) !== [];
    }

    /**
     * Days are dealt out evenly by share: of any row of them each window has its own, within a day or two, and no day
     * of the week goes to one of them alone.
     *
     * @param  list<PlaceWindow>  $windows
     */
    private function ofDay(array $windows, int $moment): ?PlaceWindow
    {
        $day = intdiv(Clock::day($moment, $this->zone)->seconds(), 86_400);
        $left = fmod($day * self::GOLDEN, 1.0) * array_sum(array_column($windows, 'share'));
        foreach ($windows as $window) {
            $left -= $window->share;
            if ($left < 0) {
                return $window;
            }
        }

        return $windows[count($windows) - 1] ?? null;
    }
}
