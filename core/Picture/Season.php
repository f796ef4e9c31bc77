<?php

namespace InkyCard\Picture;

use InkyCard\Refusal;
use InkyCard\Time\Day;
use InkyCard\Time\YearlyPeriod;

/**
 * What profile marks wear at a time of the year: a small drawing over a corner, for a period that comes back every
 * year.
 */
final readonly class Season
{
    /**
     * Season => label, first and last day MM-DD as a start, and what is drawn over a mark of 32 by 32 units: SVG with
     * its own colours and a light edge.
     */
    private const SEASONS = [
        'snow' => [
            'Snow',
            '12-01',
            '01-06',
            '<path transform="scale(1 .8)" d="M2 9.5C3 4.5 9 1 16 1s13 3.500 14 8.500c-1.200 1.600-3 1.300-4-.2-.8 '
                .'2.400-3.400 2.600-4.400.4-1 3-4.400 3.100-5.400.3-1.200 2.600-4.400 2.300-5.200-.3-1 2-3.600 '
                .'1.900-4.200-.4-1 1.600-3.200 1.900-4.800.2z" fill="#fff" stroke="#c9d8e6" stroke-width=".8"/>',
        ],
        'blossom' => [
            'Blossom',
            '03-20',
            '05-10',
            '<g fill="#f3a9c0" stroke="#fff" stroke-width=".7"><circle cx="24" cy="5.200" r="3.100"/><circle '
                .'cx="27.800" cy="8" r="3.100"/><circle cx="26.300" cy="12.400" r="3.100"/><circle cx="21.700" '
                .'cy="12.400" r="3.100"/><circle cx="20.200" cy="8" r="3.100"/></g><circle cx="24" cy="9" r="2" '
                .'fill="#f6d55c"/>',
        ],
        'sun' => [
            'Sun',
            '06-21',
            '08-31',
            '<path d="M24 0l1.500 3 3-1.400-.3 3.300 3.300.300-1.900 2.700L32 10l-3.100 1.100 1.200 '
                .'3.100-3.300-.5-.7 3.300-2.300-2.400-2.500 2.200-.4-3.300-3.300.2 1.500-3-2.700-1.900 '
                .'3-1.400-1.100-3.100 3.300.500L22.200 1.600z" fill="#f5b82e" stroke="#fff" stroke-width=".7"/>',
        ],
        'leaf' => [
            'Leaf',
            '09-22',
            '11-30',
            '<path d="M16.500 30.500c-2-7.500 2-13.500 14.500-14 .5 8.500-3.500 14.500-11.500 13.500l-1.700 1.800z" '
                .'fill="#c8702a" stroke="#fff" stroke-width=".9"/><path d="M18.500 29.500L27 20.500" stroke="#fff" '
                .'stroke-width=".9" fill="none"/>',
        ],
        'ribbon' => [
            'Ribbon',
            '10-01',
            '10-31',
            '<path d="M24 16c-3.500 0-4 4-1.500 7.500L27 31l3-2-4.500-7.500c-1-1.800-2-3.200-1.500-3.200s-.5 '
                .'1.400-1.500 3.200L18 29l3 2 4.500-7.500C28 20 27.500 16 24 16z" fill="#d94f7c" stroke="#fff" '
                .'stroke-width=".8"/>',
        ],
    ];

    private function __construct(public string $season, public YearlyPeriod $worn)
    {
    }

    /**
     * @param  array<array-key, mixed>  $given  `season`, and `from` and `until` as MM-DD, those of the season when left
     *                                          out
     *
     * @throws Refusal
     */
    public static function of(array $given): self
    {
        $season = $given['season'] ?? null;
        if (! is_string($season) || ! isset(self::SEASONS[$season])) {
            throw Refusal::because(
                'Marks wear none of these: :choices.',
                '/season', ['choices' => implode(', ', array_keys(self::SEASONS))],
            );
        }

        [, $from, $until] = self::SEASONS[$season];
        $day = fn (string $key, string $default) => ($given[$key] ?? '') === '' ? $default : $given[$key];

        return new self($season, YearlyPeriod::of($day('from', $from), $day('until', $until)));
    }

    /** @return array<string, array{label: string, from: string, until: string}> */
    public static function seasons(): array
    {
        return array_map(
            fn (array $season) => ['label' => $season[0], 'from' => $season[1], 'until' => $season[2]],
            self::SEASONS,
        );
    }

    public function isWornOn(Day $day): bool
    {
        return $this->worn->contains($day);
    }

    /** Its drawing, for a view box of 32 by 32. */
    public function svg(): string
    {
        return self::SEASONS[$this->season][3];
    }

    /** @return array{season: string, from: string, until: string} */
    public function toArray(): array
    {
        return ['season' => $this->season, 'from' => $this->worn->from, 'until' => $this->worn->until];
    }
}
