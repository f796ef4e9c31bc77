<?php

namespace InkyCard\Banner;

use InkyCard\Layout\Box;

/** A banner's words, set. */
final readonly class SetWords
{
    /**
     * @param  list<SetLine>  $lines  empty for a banner without words
     * @param  ?Box  $button  what the call stands on, CSS px
     * @param  Box  $place  all of them stand in
     */
    public function __construct(public array $lines, public ?Box $button, private Box $place)
    {
    }

    /** CSS px; 0 without words. */
    public function smallest(): float
    {
        return $this->lines === [] ? 0.0 : min(array_map(fn (SetLine $line) => $line->run->size, $this->lines));
    }

    /** Share of their place the words take, 0 to 1. */
    public function fullness(): float
    {
        $taken = array_sum(array_map(fn (SetLine $line) => $line->box->width * $line->box->height, $this->lines));

        return min(1.0, $taken / max(1.0, $this->place->width * $this->place->height));
    }

    /** The smallest box around all of them; null without words. */
    public function bounds(): ?Box
    {
        $bounds = $this->button;
        foreach ($this->lines as $line) {
            $bounds = $bounds?->with($line->box) ?? $line->box;
        }

        return $bounds;
    }
}
