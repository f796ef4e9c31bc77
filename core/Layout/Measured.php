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

    /**
     * The smallest rectangle around what shows of some pieces; null when nothing does.
     *
     * @param  list<string>  $pieces  ids
     */
    public function around(array $pieces): ?Box
    {
        $boxes = array_intersect_key($this->boxes, array_flip($pieces));

        return array_reduce($boxes, fn (?Box $all, Box $box) => $all === null ? $box : $all->with($box));
    }

    /** @return list<string> ids of the pieces that run over the edge of the window */
    public function over(): array
    {
        // Half a pixel is what rounding may add.
        $over = array_filter($this->boxes, fn (Box $box) => $box->x + $box->width > $this->viewport + 0.5);

        return array_map(strval(...), array_keys($over));
    }
}
