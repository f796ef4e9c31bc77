<?php

namespace App\Bench;

/** A number of the style, as it is typed. */
final readonly class NumberField
{
    /**
     * @param  string  $group  of the style's document
     * @param  array{int|float, int|float}  $range  smallest and largest
     * @param  string  $help  what it does, in one sentence (need B24)
     */
    public function __construct(
        public string $label,
        public string $group,
        public string $key,
        public int|float|null $value,
        public array $range,
        public float $step = 1,
        public string $unit = 'px',
        public string $help = '',
    ) {
    }
}
