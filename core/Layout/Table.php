<?php

namespace InkyCard\Layout;

use InkyCard\Card\Content\ButtonBlock;

/** Rows of cells; every row has the same number of them. */
final readonly class Table implements Nested
{
    /** Some cell of its own has a border or round corners. */
    public bool $edged;

    /**
     * @param  list<non-empty-list<Cell>>  $rows
     * @param  'left'|'center'|'right'|null  $align  where it stands in a wider cell
     * @param  ?ButtonBlock  $button  the button it draws, where the Word engine is to get a shape in its place
     * @param  bool  $stretches  it is as wide as the cell it stands in
     * @param  ?int  $wide  it is so wide where there is room, CSS px; null for as wide as its content
     */
    public function __construct(
        public array $rows,
        public ?string $align = null,
        public ?ButtonBlock $button = null,
        public bool $stretches = false,
        public ?int $wide = null,
    ) {
        $edged = false;
        foreach ($rows as $row) {
            foreach ($row as $cell) {
                $edged = $edged || $cell->surface?->isEdged();
            }
        }
        $this->edged = $edged;
    }

    public function align(): ?string
    {
        return $this->align;
    }

    /** A table of one row. */
    public static function row(Cell ...$cells): self
    {
        return new self($cells === [] ? [] : [array_values($cells)]);
    }
}
