<?php

namespace InkyCard\Card\Content;

/**
 * What a piece puts on the card, with every colour and size settled.
 *
 * Pieces say their content once; the HTML composer, the text composer and
 * whatever measures or checks a card all read the same blocks.
 */
interface Block
{
    /** @return list<BlockLink> in reading order */
    public function links(): array;

    /**
     * The block with its links leading elsewhere.
     *
     * @param  \Closure(string): string  $to  address => the one in its place
     */
    public function leading(\Closure $to): self;
}
