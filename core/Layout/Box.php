<?php

namespace InkyCard\Layout;

/** A rectangle on the page, CSS px from the card's top left. */
final readonly class Box
{
    public function __construct(public float $x, public float $y, public float $width, public float $height)
    {
    }

    /** The smallest rectangle around both. */
    public function with(self $other): self
    {
        $x = min($this->x, $other->x);
        $y = min($this->y, $other->y);

        return new self(
            $x, $y, max($this->x + $this->width, $other->x + $other->width) - $x,
            max($this->y + $this->height, $other->y + $other->height) - $y,
        );
    }

    /** Whether it stands to one side of the other, and shares some of its height. */
    public function isBeside(self $other): bool
    {
        return ($this->x + $this->width <= $other->x || $other->x + $other->width <= $this->x)
            && $this->y < $other->y + $other->height && $other->y < $this->y + $this->height;
    }
}
