<?php

namespace InkyCard\Layout;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Content\Block;
use InkyCard\Card\Content\LineBlock;
use InkyCard\Card\Content\TextRun;
use InkyCard\Card\Piece;
use InkyCard\Card\Style\Style;

/** A block and the pieces it came from: several where lines of text were joined. */
final readonly class Placed
{
    /** @param  non-empty-list<Piece>  $pieces */
    public function __construct(public Block $block, public array $pieces)
    {
    }

    /** Two lines of text as one, with a separator in the quiet ink between them. */
    public function followedBy(self $next, string $separator, Style $style): self
    {
        assert($this->block instanceof LineBlock && $next->block instanceof LineBlock);
        $between = new TextRun(
            $separator, $style->ink(InkRole::Quiet), $next->block->runs[0]->size,
            lineHeight: $style->spacing->lineHeight,
        );

        return new self($this->block->with($between, ...$next->block->runs), [...$this->pieces, ...$next->pieces]);
    }

    /** Gap above its line, CSS px, if a piece asks for one. */
    public function gap(): ?int
    {
        return $this->pieces[0]->tuning->spacing;
    }
}
