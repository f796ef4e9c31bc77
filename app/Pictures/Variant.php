<?php

namespace App\Pictures;

/** Where a baked picture is. */
final readonly class Variant
{
    /**
     * @param  string  $hash  SHA-256 of the file: its address
     * @param  int  $bytes  size of the file
     * @param  string  $why  why this format, in a few words
     */
    public function __construct(
        public string $hash,
        public string $extension,
        public int $bytes,
        public string $why = '',
    ) {
    }

    public function path(): string
    {
        return 'variants/'.substr($this->hash, 0, 2)."/$this->hash.$this->extension";
    }
}
