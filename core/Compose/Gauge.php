<?php

namespace InkyCard\Compose;

use InkyCard\Said;

/** One measure of a card as it is edited. */
final readonly class Gauge
{
    /**
     * @param  string  $figure  as shown
     * @param  string  $unit  what stands after it
     * @param  float  $share  of what is reasonable, 0 and up
     * @param  bool  $good  nothing to look at
     * @param  string  $help  what it means, in a sentence or two
     * @param  list<string>  $pieces  ids of those that make it what it is, heaviest first
     */
    public function __construct(
        public string $key,
        public string $label,
        public string $figure,
        public string|Said $unit,
        public float $share,
        public bool $good,
        public string|Said $help,
        public array $pieces,
    ) {
    }
}
