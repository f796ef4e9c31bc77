<?php

namespace InkyCard\Layout;

use InkyCard\Card\Content\PictureBlock;
use InkyCard\Colour\Colour;

/** What a cell shows under its content: most of them nothing. */
final readonly class Surface
{
    /**
     * @param  array{int, int, int, int}|int|null  $radius  of its corners, or of each from the top left clockwise,
     *     CSS px; null for a cell whose corners nobody rounds
     * @param  ?PictureBlock  $picture  over its colour
     */
    public function __construct(
        public ?Colour $colour = null,
        public array|int|null $radius = null,
        public ?Border $border = null,
        public ?PictureBlock $picture = null,
    ) {
    }

    /** @param  array{int, int, int, int}  $radius  of each corner, CSS px */
    public function rounded(array $radius): self
    {
        return new self($this->colour, $radius, $this->border, $this->picture);
    }

    /** Whether its corners or its line ask for borders that do not collapse. */
    public function isEdged(): bool
    {
        return $this->border !== null || $this->radius !== null;
    }
}
