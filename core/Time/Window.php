<?php

namespace InkyCard\Time;

/** A stretch of days, first and last among them; either end may be open. */
final readonly class Window
{
    private function __construct(public ?Day $from, public ?Day $until)
    {
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

    public function isOver(Day $today): bool
    {
        return $this->until !== null && $this->until->isBefore($today);
    }

    /** Days left after today: 0 on the last day; null when it is over or has no end. */
    public function daysLeft(Day $today): ?int
    {
        return $this->until === null || $this->isOver($today) ? null : $today->until($this->until);
    }
}
