<?php

namespace InkyCard\Layout;

/** How large a card comes out in a window of some width. */
final readonly class Measured
{
    /**
     * @param  int  $viewport  width of the window, CSS px
     * @param  float  $width  CSS px
     * @param  float  $height  CSS px
     * @param  array<string, Box>  $boxes  piece id => the cell or cells it fills, less their padding and borders
     */
    public function __construct(public int $viewport, public float $width, public float $height, public array $boxes)
    {
    }

    /** How far it runs over the edge of the window, CSS px; 0 when it fits. */
    public function overflow(): float
    {
        return max(0.0, $this->width - $this->viewport);
    }
}
