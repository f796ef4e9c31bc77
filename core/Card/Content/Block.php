<?php

namespace InkyCard\Card\Content;

use InkyCard\Colour\Colour;

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
    public function withLinks(\Closure $to): self;

    /** @return list<TextRun> its words */
    public function runs(): array;

    /** @return list<PictureBlock> its pictures, marks and symbols among them */
    public function pictures(): array;

    /**
     * What its words stand on.
     *
     * @param  Colour  $paper  of the card
     */
    public function background(Colour $paper): Colour;
}
