<?php

namespace InkyCard\Card\Content;

/** A link as it stands on a card. */
final readonly class BlockLink
{
    /** @param  string  $words  what is clicked: words, or what stands for a picture */
    public function __construct(public string $words, public string $href)
    {
    }
}
