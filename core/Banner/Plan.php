<?php

namespace InkyCard\Banner;

/**
 * Which banner stands on which card when. Of all windows due on a card the highest priority goes first; those of one
 * priority share its cards, steadily: one sender's readers see one banner.
 */
final readonly class Plan
{
    /** @param  list<PlaceWindow>  $windows */
    public function __construct(private array $windows)
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
        return self::chosen(array_filter(
            $this->windows,
            fn (PlaceWindow $window) => $window->covers($moment) && self::isFor($window, $card, $labels),
        ), $card);
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
        $carried = $byLabels = [];
        foreach ($cards as $card => $labels) {
            // Cards of the same labels have the same windows, but for those of single cards.
            $byLabels[implode("\n", $labels)] ??= self::first(array_filter(
                $due, fn (PlaceWindow $window) => $window->audience->hasLabel(...$labels),
            ));
            $windows = $byLabels[implode("\n", $labels)];
            $carried[$card] = isset($single[$card]) ? self::chosen([...$windows, ...$single[$card]], $card)
                : (count($windows) < 2 ? $windows[0] ?? null : self::pulled($windows, $card));
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
    private static function chosen(array $windows, int $card): ?PlaceWindow
    {
        $first = self::first($windows);

        return count($first) < 2 ? $first[0] ?? null : self::pulled($first, $card);
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
}
