<?php

namespace InkyCard\Time;

use InkyCard\Refusal;

/** A stretch of days, first and last among them; either end may be open. */
final readonly class Window
{
    private function __construct(public ?Day $from, public ?Day $until)
    {
    }

    /**
     * @param  mixed  $from  first day, YYYY-MM-DD; null or empty for open
     * @param  mixed  $until  last day, likewise
     *
     * @throws Refusal
     */
    public static function parse(mixed $from, mixed $until): ?self
    {
        $day = fn (mixed $raw, string $at): ?Day => in_array($raw, [null, ''], true) ? null
            : Refusal::at($at, fn () => Day::parse($raw));
        [$first, $last] = [$day($from, '/from'), $day($until, '/until')];
        if ($first !== null && $last?->isBefore($first) === true) {
            throw Refusal::because('The last day is before the first.', '/until');
        }

        return $first === null && $last === null ? null : new self($first, $last);
    }

    /** Open from the beginning, with a last day. */
    public static function until(Day $last): self
    {
        return new self(null, $last);
    }

    /** One day alone. */
    public static function on(Day $day): self
    {
        return new self($day, $day);
    }

    /** The days both hold on; another one that has an end at most shortens it. */
    public function endingWith(?self $other): self
    {
        $until = $other?->until;

        return $until === null || $this->until?->isBefore($until) === true ? $this : new self($this->from, $until);
    }

    public function isAhead(Day $today): bool
    {
        return $this->from !== null && $today->isBefore($this->from);
    }

    public function isOver(Day $today): bool
    {
        return $this->until !== null && $this->until->isBefore($today);
    }

    /** The last day on which it is as on that day: there, ahead or over; null where that is for good. */
    public function holdsUntil(Day $today): ?Day
    {
        return $this->isAhead($today) ? $this->from?->plus(-1) : ($this->isOver($today) ? null : $this->until);
    }

    /** As people read it, such as “from 1 March 2027 until 14 March 2027”. */
    public function words(): string
    {
        return implode(' ', array_filter([
            $this->from === null ? '' : 'from '.$this->from->words(),
            $this->until === null ? '' : 'until '.$this->until->words(),
        ]));
    }

    /** @return array<string, string> `from` and `until`, those there are */
    public function toArray(): array
    {
        return array_filter(['from' => (string) $this->from?->iso, 'until' => (string) $this->until?->iso]);
    }

    /** Days left after today: 0 on the last day; null when it is over or has no end. */
    public function daysLeft(Day $today): ?int
    {
        return $this->until === null || $this->isOver($today) ? null : $today->until($this->until);
    }
}
