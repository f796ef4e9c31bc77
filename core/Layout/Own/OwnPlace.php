<?php

namespace InkyCard\Layout\Own;

use InkyCard\Layout\Box;

/** Words of one line, or a picture, where they stand in their block. */
final readonly class OwnPlace
{
    /**
     * @param  Box  $box  of words, from their baseline: it has no height; CSS px
     * @param  list<array{string, float, bool}>  $runs  text, size in CSS px, bold; none for a picture
     */
    public function __construct(public Box $box, public array $runs = [])
    {
    }

    public function move(float $right, float $down): self
    {
        $box = $this->box;

        return new self(new Box($box->x + $right, $box->y + $down, $box->width, $box->height), $this->runs);
    }
}
