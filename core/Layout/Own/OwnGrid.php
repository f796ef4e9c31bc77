<?php

namespace InkyCard\Layout\Own;

/** A table. */
final readonly class OwnGrid implements OwnItem
{
    /**
     * @param  list<list<array{OwnBlock, int}>>  $rows  cells, and how many columns each is wide
     * @param  float  $gap  between cells and around them, CSS px
     * @param  float|string|null  $width  CSS px, or a share such as `100%`; null where nothing says one
     */
    public function __construct(public array $rows, public float $gap, public float|string|null $width)
    {
    }
}
