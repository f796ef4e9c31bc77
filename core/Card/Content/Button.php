<?php

namespace InkyCard\Card\Content;

use InkyCard\Colour\Colour;

/** A call to action on a coloured ground. */
final readonly class Button implements Block
{
    /** @param  int  $radius  corner radius, CSS px */
    public function __construct(public Run $words, public Colour $ground, public int $radius)
    {
    }
}
