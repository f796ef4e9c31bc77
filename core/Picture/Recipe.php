<?php

namespace InkyCard\Picture;

/** How a photograph becomes the picture on a card. */
final readonly class Recipe implements Bake
{
    /** Pixels baked per CSS pixel, for dense screens. */
    public const DENSITY = 2;

    /**
     * @param  string  $ref  which picture, see PictureRef
     * @param  int  $width  CSS px as shown
     * @param  int  $height  CSS px as shown
     * @param  bool  $playMark  a play mark in its middle, for the still of a film
     */
    public function __construct(
        public string $ref,
        public Shape $shape,
        public int $width,
        public int $height,
        public bool $playMark = false,
    ) {
    }

    public function key(): string
    {
        return implode('|', ['photo', Baker::EDITION, hash('sha256', $this->ref), $this->shape->value, $this->width, $this->height, ...($this->playMark ? ['play'] : [])]);
    }
}
