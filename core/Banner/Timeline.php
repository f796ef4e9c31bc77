<?php

namespace InkyCard\Banner;

/** A plan laid out by audience over a stretch of time. */
final class Timeline
{
    /**
     * A gap or an overlap of all is one of each label, too: in a label's lane stand those that are its own alone.
     *
     * @param  list<PlaceWindow>  $windows
     * @param  list<string>  $labels  lanes there are beside everybody's
     * @param  int  $from  seconds since 1970 (UTC)
     * @param  int  $until  the moment it is over
     * @return list<Lane> everybody's first, one of single cards last where there are such windows
     */
    public static function of(array $windows, array $labels, int $from, int $until): array
    {
        $plan = new Plan($windows);
        $seen = array_values(array_filter(
            $windows, fn (PlaceWindow $window) => $window->begins($until) && ! $window->isOver($from),
        ));
        $all = $plan->stretches($from, $until);
        $everyone = array_values(array_filter($seen, fn (PlaceWindow $window) => $window->audience->isEveryone()));
        $lanes = [new Lane('', self::rows($everyone), self::gaps($all), self::overlaps($all))];
        foreach ($labels as $label) {
            $own = array_values(array_filter(
                $seen, fn (PlaceWindow $window) => in_array($label, $window->audience->labels, true),
            ));
            $stretches = $plan->stretches($from, $until, 0, [$label]);
            $lanes[] = new Lane(
                $label, self::rows($own), $everyone === [] && $own !== [] ? self::gaps($stretches) : [],
                array_values(array_filter(self::overlaps($stretches), fn (Stretch $stretch) => array_filter(
                    $stretch->windows, fn (PlaceWindow $window) => ! $window->audience->isEveryone(),
                ) !== [])),
            );
        }
        $single = array_values(array_filter($seen, fn (PlaceWindow $window) => $window->audience->cards !== []));

        return $single === [] ? $lanes : [...$lanes, new Lane(null, self::rows($single), [], [])];
    }

    /**
     * @param  list<PlaceWindow>  $windows
     * @return list<array{PlaceWindow, int}> each in the first row with room for it
     */
    private static function rows(array $windows): array
    {
        usort($windows, fn (PlaceWindow $one, PlaceWindow $other) => [$one->from, $one->id]
            <=> [$other->from, $other->id]);
        $bars = $ends = [];
        foreach ($windows as $window) {
            $row = 0;
            while (($ends[$row] ?? PHP_INT_MIN) > $window->from) {
                $row++;
            }
            $ends[$row] = $window->until;
            $bars[] = [$window, $row];
        }

        return $bars;
    }

    /**
     * @param  list<Stretch>  $stretches
     * @return list<Stretch>
     */
    private static function gaps(array $stretches): array
    {
        return array_values(array_filter($stretches, fn (Stretch $stretch) => $stretch->isGap()));
    }

    /**
     * @param  list<Stretch>  $stretches
     * @return list<Stretch>
     */
    private static function overlaps(array $stretches): array
    {
        return array_values(array_filter($stretches, fn (Stretch $stretch) => $stretch->isOverlap()));
    }
}
