<?php

namespace InkyCard\Card\Content;

/** Empty height. */
final readonly class Space implements Block
{
    /** @param  int  $height  CSS px */
    public function __construct(public int $height)
    {
    }
}
