<?php

namespace InkyCard\Card\Content;

use InkyCard\Colour\Colour;

/** Letters in the middle of a shape as wide as it is high. */
final readonly class InitialsBlock extends AbstractBlock
{
    /**
     * @param  int  $size  CSS px
     * @param  ?Colour  $fill  of the shape; null for letters alone
     * @param  int  $radius  of its corners, CSS px
     */
    public function __construct(public TextRun $letters, public int $size, public ?Colour $fill, public int $radius)
    {
    }

    public function runs(): array
    {
        return [$this->letters];
    }

    public function background(Colour $paper): Colour
    {
        return $this->fill ?? $paper;
    }
}
