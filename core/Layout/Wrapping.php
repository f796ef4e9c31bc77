<?php

namespace InkyCard\Layout;

/** Tables beside each other where there is room, below each other where there is not, as on a phone. */
final readonly class Wrapping implements Nested
{
    /**
     * @param  non-empty-list<Table>  $tables
     * @param  'left'|'right'  $align  the side the first stands at
     */
    public function __construct(public array $tables, private string $align)
    {
    }

    public function align(): string
    {
        return $this->align;
    }
}
