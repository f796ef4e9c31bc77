<?php

namespace InkyCard\Compose;

use InkyCard\Card\Content\Block;
use InkyCard\Card\Piece;

/** A block and the pieces it came from: several where lines of text were joined. */
final readonly class Placed
{
    /** @param  non-empty-list<Piece>  $pieces */
    public function __construct(public Block $block, public array $pieces)
    {
    }

    /** Gap above its line, CSS px, if a piece asks for one. */
    public function gap(): ?int
    {
        return $this->pieces[0]->tuning->gap;
    }
}
