<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\Brand;

/** What is known before a card is filled in: of the firm by its brand, and of the card's holder. */
final readonly class Standing
{
    /**
     * @param  string  $holder  name; empty for unknown
     * @param  string  $email  of the holder; empty for the firm's general one
     * @param  bool  $onBand  a logo stands on a band of the accent ink
     */
    public function __construct(
        public Brand $brand,
        public string $holder = '',
        public string $email = '',
        public bool $onBand = false,
    ) {
    }
}
