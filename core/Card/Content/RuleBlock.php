<?php

namespace InkyCard\Card\Content;

use InkyCard\Colour\Colour;

/** A line across its column. */
final readonly class RuleBlock extends AbstractBlock
{
    /** @param  int  $thickness  CSS px */
    public function __construct(public Colour $ink, public int $thickness)
    {
    }
}
