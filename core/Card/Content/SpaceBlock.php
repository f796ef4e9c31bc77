<?php

namespace InkyCard\Card\Content;

/** Empty height. */
final readonly class SpaceBlock implements Block
{
    /** @param  int  $height  CSS px */
    public function __construct(public int $height)
    {
    }

    public function links(): array
    {
        return [];
    }

    public function leading(\Closure $to): self
    {
        return $this;
    }
}
