<?php

namespace InkyCard\Layout;

/** A cell where it stands. It moves with the tables around it until all are laid. */
final class Laid
{
    /**
     * @param  float  $x  of the cell less its padding and borders, CSS px
     * @param  float  $y  of the same
     * @param  float  $width  of the same
     * @param  float  $height  of the same
     * @param  array{float, float, float, float}  $content  what is in it: left and top within that, width and height
     */
    public function __construct(
        public readonly Cell $cell,
        private float $x,
        private float $y,
        private readonly float $width,
        private readonly float $height,
        private readonly array $content,
    ) {
    }

    public function move(float $x, float $y): self
    {
        $this->x += $x;
        $this->y += $y;

        return $this;
    }

    /** The cell less its padding and borders. */
    public function room(): Box
    {
        return new Box($this->x, $this->y, $this->width, $this->height);
    }

    /** What is in it, where it is aligned to. */
    public function content(): Box
    {
        [$left, $top, $width, $height] = $this->content;

        return new Box($this->x + $left, $this->y + $top, $width, $height);
    }

    /** The cell with its padding and borders: what its background covers. */
    public function whole(): Box
    {
        [$top, , $bottom, $left] = $this->cell->padding;

        return new Box(
            $this->x - $left - $this->cell->edge('left'),
            $this->y - $top - $this->cell->edge('top'),
            $this->width + $this->cell->sides(),
            $this->height + $top + $bottom + $this->cell->edge('top') + $this->cell->edge('bottom'),
        );
    }
}
