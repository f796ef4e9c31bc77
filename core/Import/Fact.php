<?php

namespace InkyCard\Import;

/** Something read out of what somebody has already. */
final readonly class Fact
{
    /**
     * @param  string  $kind  of piece it makes
     * @param  array<string, mixed>  $fields  as that kind accepts them
     * @param  float  $confidence  0 to 1
     * @param  string  $source  what it was read from
     */
    public function __construct(
        public string $kind,
        public array $fields,
        public float $confidence,
        public string $source,
    ) {
    }
}
