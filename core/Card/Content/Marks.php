<?php

namespace InkyCard\Card\Content;

/** Linked marks side by side. */
final readonly class Marks implements Block
{
    /**
     * @param  non-empty-list<Picture>  $marks
     * @param  int  $gap  CSS px between two marks
     */
    public function __construct(public array $marks, public int $gap)
    {
    }
}
