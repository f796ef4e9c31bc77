<?php

namespace InkyCard\Card\Content;

use InkyCard\Colour\Colour;

/** A stretch of text in one look. */
final readonly class Run
{
    /**
     * @param  float  $size  CSS px
     * @param  ?string  $href  where it leads; null for plain words
     * @param  ?string  $plain  what stands for it in plain text, if not its words
     * @param  bool  $underlined  whether a link has a line under it
     */
    public function __construct(
        public string $text,
        public Colour $ink,
        public float $size,
        public bool $bold = false,
        public ?string $href = null,
        public ?string $plain = null,
        public bool $underlined = false,
        public bool $italic = false,
    ) {
    }
}
