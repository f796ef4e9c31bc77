<?php

namespace InkyCard\Banner;

use InkyCard\Time\Day;

/** A day of the year people promote for, in the years it falls in. */
final readonly class Occasion
{
    /**
     * @param  string  $rule  how its day is found, see Occasions
     * @param  list<string>  $countries  ISO 3166-1 alpha-2 where it is usual; empty for everywhere
     * @param  int  $lead  days before it that a banner for it usually begins
     * @param  int  $days  it lasts
     */
    public function __construct(
        public string $key,
        public string $label,
        private string $rule,
        public array $countries,
        public int $lead,
        public int $days,
        public string $source,
    ) {
    }

    /** Whether it is usual there, or everywhere. */
    public function isUsualIn(string $country): bool
    {
        return $this->countries === [] || in_array($country, $this->countries, true);
    }

    /** @return list<Day> its first days in a Gregorian year: none, one or, by a calendar with shorter years, two */
    public function in(int $year): array
    {
        return DayRule::days($this->rule, $year);
    }
}
