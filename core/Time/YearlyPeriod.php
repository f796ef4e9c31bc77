<?php

namespace InkyCard\Time;

use InkyCard\Refusal;

/** Days that come back every year, first and last among them; they may go over New Year. */
final readonly class YearlyPeriod
{
    /** A year that has a 29 February: every day of any year is one of its days. */
    private const LEAP_YEAR = 2028;

    /**
     * @param  string  $from  MM-DD
     * @param  string  $until  MM-DD; before `from` when the period goes over New Year
     */
    private function __construct(public string $from, public string $until)
    {
    }

    /**
     * @param  mixed  $from  first day, MM-DD
     * @param  mixed  $until  last day, MM-DD
     *
     * @throws Refusal with the path `/from` or `/until`
     */
    public static function of(mixed $from, mixed $until): self
    {
        return new self(
            Refusal::at('/from', fn () => self::day($from)),
            Refusal::at('/until', fn () => self::day($until)),
        );
    }

    public function contains(Day $day): bool
    {
        $at = $day->ofYear();

        return $this->from <= $this->until ? $this->from <= $at && $at <= $this->until
            : $this->from <= $at || $at <= $this->until;
    }

    private static function day(mixed $raw): string
    {
        return is_string($raw) && preg_match('/^(\d\d)-(\d\d)$/D', $raw, $part) === 1
            && checkdate((int) $part[1], (int) $part[2], self::LEAP_YEAR) ? $raw
            : throw Refusal::because('A day of the year is written month and day, such as 12-01.');
    }
}
