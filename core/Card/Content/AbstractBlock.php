<?php

namespace InkyCard\Card\Content;

use InkyCard\Colour\Colour;

/** A block with neither words, links nor pictures, on the card's paper. */
abstract readonly class AbstractBlock implements Block
{
    public function links(): array
    {
        return [];
    }

    public function withLinks(\Closure $to): Block
    {
        return $this;
    }

    public function runs(): array
    {
        return [];
    }

    public function pictures(): array
    {
        return [];
    }

    public function background(Colour $paper): Colour
    {
        return $paper;
    }
}
