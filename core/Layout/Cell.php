<?php

namespace InkyCard\Layout;

use InkyCard\Card\Content\Block;
use InkyCard\Card\Piece;
use InkyCard\Colour\Colour;

/** A cell of a table, with all that shows of it. */
final readonly class Cell
{
    /**
     * @param  Nested|Block  $content  a table in it, or one block
     * @param  array{int, int, int, int}  $padding  top, right, bottom, left; CSS px
     * @param  'top'|'middle'|'bottom'  $valign
     * @param  'left'|'center'|'right'|null  $align
     * @param  ?int  $radius  corner radius of its background, CSS px
     * @param  array{string, int, Colour}|null  $border  side, width in CSS px, colour
     * @param  list<Piece>  $pieces  those whose content it holds
     */
    public function __construct(
        public Nested|Block $content,
        public array $padding = [0, 0, 0, 0],
        public string $valign = 'top',
        public ?string $align = null,
        public ?Colour $background = null,
        public ?int $radius = null,
        public ?array $border = null,
        public array $pieces = [],
    ) {
    }

    /** What its border adds on a side, CSS px. */
    public function edge(string $side): int
    {
        return $this->border !== null && $this->border[0] === $side ? $this->border[1] : 0;
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
