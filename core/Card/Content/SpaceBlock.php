<?php

namespace InkyCard\Card\Content;

/** Empty height. */
final readonly class SpaceBlock extends AbstractBlock
{
    /** @param  int  $height  CSS px */
    public function __construct(public int $height)
    {
    }
}
