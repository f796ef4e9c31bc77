<?php

namespace InkyCard\Banner;

use InkyCard\Card\Content\TextRun;
use InkyCard\Layout\Box;

/** A line of words where it stands on a banner. */
final readonly class SetLine
{
    /**
     * @param  string  $part  of what it is a line: `headline`, `line` or `call`
     * @param  list<array{int, string}>  $stretches  see TextMeasure::words
     * @param  Box  $box  CSS px
     */
    public function __construct(
        public string $part,
        public TextRun $run,
        public array $stretches,
        public Box $box,
        public float $baseline,
    ) {
    }
}
