<?php

namespace InkyCard\Banner;

/** From one moment to another the same windows are due: none is a gap, several share it. */
final readonly class Stretch
{
    /**
     * @param  int  $from  seconds since 1970 (UTC)
     * @param  int  $until  the moment it is over
     * @param  list<PlaceWindow>  $windows  those of the highest priority there
     */
    public function __construct(public int $from, public int $until, public array $windows)
    {
    }

    public function isGap(): bool
    {
        return $this->windows === [];
    }

    public function isOverlap(): bool
    {
        return count($this->windows) > 1;
    }
}
