<?php

namespace InkyCard\Layout;

use InkyCard\Card\Content\Block;
use InkyCard\Card\Content\Line;
use InkyCard\Card\Content\Run;
use InkyCard\Card\Piece;

/** A block and the pieces it came from: several where lines of text were joined. */
final readonly class Placed
{
    /** @param  non-empty-list<Piece>  $pieces */
    public function __construct(public Block $block, public array $pieces)
    {
    }

    /** Two lines of text as one, with a separator between them. */
    public function followedBy(self $next, Run $separator): self
    {
        assert($this->block instanceof Line && $next->block instanceof Line);

        return new self($this->block->with($separator, ...$next->block->runs), [...$this->pieces, ...$next->pieces]);
    }

    /** Gap above its line, CSS px, if a piece asks for one. */
    public function gap(): ?int
    {
        return $this->pieces[0]->tuning->gap;
    }
}
