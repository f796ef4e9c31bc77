<?php

namespace InkyCard\Card\Arrangement;

/** Slots side by side. */
final readonly class Row
{
    /**
     * @param  non-empty-list<Slot>  $slots
     * @param  int  $gap  above it, CSS px, when something stands above
     * @param  bool  $ruled  a line in the style's rule ink runs across above it
     * @param  ?int  $over  spacing above that line, CSS px; as much as below it where that is not said
     * @param  bool  $wraps  slots that do not fit beside each other stand below each other, as on a phone
     */
    public function __construct(
        public array $slots,
        public int $gap = 14,
        public bool $ruled = false,
        public bool $wraps = false,
        public ?int $over = null,
    ) {
    }
}
