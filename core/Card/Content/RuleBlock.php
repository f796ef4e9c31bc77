<?php

namespace InkyCard\Card\Content;

use InkyCard\Colour\Colour;
use InkyCard\Type\LineStyle;

/** A line across its column. */
final readonly class RuleBlock extends AbstractBlock
{
    /** @param  int  $thickness  CSS px */
    public function __construct(
        public Colour $ink,
        public int $thickness,
        public LineStyle $style = LineStyle::Solid,
    ) {
    }
}
