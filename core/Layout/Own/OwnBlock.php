<?php

namespace InkyCard\Layout\Own;

/** A block with what stands in it: margins, borders and padding, CSS px. */
final readonly class OwnBlock implements OwnItem
{
    /**
     * @param  array{float, float, float, float}  $margin  top, right, bottom, left
     * @param  array{float, float, float, float}  $edge  borders and padding, the same
     * @param  ?float  $width  of its content, where that is said
     * @param  float  $height  least of its content
     */
    public function __construct(
        public OwnFlow $flow,
        public array $margin = [0.0, 0.0, 0.0, 0.0],
        public array $edge = [0.0, 0.0, 0.0, 0.0],
        public ?float $width = null,
        public float $height = 0.0,
    ) {
    }

    public function sides(): float
    {
        return $this->margin[1] + $this->margin[3] + $this->edge[1] + $this->edge[3];
    }
}
