<?php

namespace InkyCard\Layout;

use InkyCard\Colour\Colour;
use InkyCard\Type\LineStyle;

/** A line around a cell, or along one side of it. */
final readonly class Border
{
    /**
     * @param  'all'|'top'|'right'|'bottom'|'left'  $side
     * @param  int  $width  CSS px
     */
    public function __construct(
        public string $side, public int $width, public Colour $ink, public LineStyle $style = LineStyle::Solid,
    ) {
    }

    /** What it adds on a side, CSS px. */
    public function on(string $side): int
    {
        return $this->side === $side || $this->side === 'all' ? $this->width : 0;
    }
}
