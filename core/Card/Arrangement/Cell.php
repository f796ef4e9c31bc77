<?php

namespace InkyCard\Card\Arrangement;

use InkyCard\Card\Zone;

/** One zone's place in a grid. A cell whose zone is empty takes its gaps away with it. */
final readonly class Cell
{
    /** Gap between the rule and the text beside it, CSS px. */
    public const RULE_GAP = 16;

    /**
     * @param  bool  $ruled  the style's rule runs down its leading edge when something stands before it
     * @param  int  $gapAbove  CSS px, as the other gaps
     */
    public function __construct(
        public Zone $zone,
        public bool $ruled = false,
        public int $gapAbove = 0,
        public int $gapBelow = 0,
        public int $gapRight = 0,
    ) {
    }
}
