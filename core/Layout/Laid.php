<?php

namespace InkyCard\Layout;

/** A cell where it stands. */
final readonly class Laid
{
    /**
     * @param  Box  $room  the cell less its padding and borders
     * @param  Box  $content  what is in it, where it is aligned to
     */
    public function __construct(public Cell $cell, public Box $room, public Box $content)
    {
    }

    public function moved(float $x, float $y): self
    {
        return new self($this->cell, $this->room->moved($x, $y), $this->content->moved($x, $y));
    }

    /** The cell with its padding and borders: what its ground covers. */
    public function whole(): Box
    {
        [$top, , , $left] = $this->cell->padding;

        return new Box(
            $this->room->x - $left - $this->cell->edge('left'),
            $this->room->y - $top - $this->cell->edge('top'),
            $this->room->width + $this->cell->sides(),
            $this->room->height + $top + $this->cell->padding[2] + $this->cell->edge('top') + $this->cell->edge('bottom'),
        );
    }
}
