<?php

namespace InkyCard\Card\Content;

use InkyCard\Colour\Colour;

/** A line across its column. */
final readonly class RuleBlock implements Block
{
    /** @param  int  $thickness  CSS px */
    public function __construct(public Colour $ink, public int $thickness)
    {
    }

    public function links(): array
    {
        return [];
    }

    public function leading(\Closure $to): self
    {
        return $this;
    }
}
