<?php

namespace InkyCard\Card\Arrangement;

/** Slots side by side. */
final readonly class Row
{
    /**
     * @param  non-empty-list<Slot>  $slots
     * @param  int  $gap  above it, CSS px, when something stands above
     * @param  bool  $ruled  a line in the style's rule ink runs across above it
     */
    public function __construct(public array $slots, public int $gap = 14, public bool $ruled = false)
    {
    }
}
