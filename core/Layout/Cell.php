<?php

namespace InkyCard\Layout;

use InkyCard\Card\Content\Block;
use InkyCard\Card\Piece;

/** A cell of a table, with all that shows of it. */
final readonly class Cell
{
    /**
     * @param  Nested|Block  $content  a table in it, or one block
     * @param  array{int, int, int, int}  $padding  top, right, bottom, left; CSS px
     * @param  'left'|'center'|'right'|null  $align
     * @param  list<Piece>  $pieces  those whose content it holds
     * @param  'top'|'middle'|'bottom'  $valign
     * @param  ?int  $width  without padding and borders, CSS px; null for as wide as its content
     */
    public function __construct(
        public Nested|Block $content,
        public array $padding = [0, 0, 0, 0],
        public ?string $align = null,
        public array $pieces = [],
        public string $valign = 'top',
        public ?Surface $surface = null,
        public ?int $width = null,
    ) {
    }

    public function on(Surface $surface): self
    {
        return new self(...['surface' => $surface] + get_object_vars($this));
    }

    public function holding(Nested|Block $content): self
    {
        return new self(...['content' => $content] + get_object_vars($this));
    }

    /** What its border adds on a side, CSS px. */
    public function edge(string $side): int
    {
        return $this->surface?->border?->on($side) ?? 0;
    }

    /**
     * How far from its left side its content stands.
     *
     * @param  float  $free  room beside the content, CSS px
     * @param  bool  $rtl  words run from the right
     * @return float CSS px
     */
    public function indent(float $free, bool $rtl): float
    {
        return match ($this->content instanceof Nested ? $this->content->align() ?? $this->align : $this->align) {
            'center' => $free / 2,
            'right' => $free,
            'left' => 0.0,
            null => $rtl ? $free : 0.0,
        };
    }

    /** Padding and border above and below together, CSS px. */
    public function ends(): int
    {
        return $this->padding[0] + $this->padding[2] + $this->edge('top') + $this->edge('bottom');
    }

    /** Padding and border left and right together, CSS px. */
    public function sides(): int
    {
        return $this->padding[1] + $this->padding[3] + $this->edge('left') + $this->edge('right');
    }
}
