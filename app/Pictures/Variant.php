<?php

namespace App\Pictures;

/** Where a baked picture is. */
final readonly class Variant
{
    /**
     * @param  string  $hash  SHA-256 of the file: its address
     * @param  int  $bytes  size of the file
     */
    public function __construct(public string $hash, public string $extension, public int $bytes)
    {
    }

    public function path(): string
    {
        return 'variants/'.substr($this->hash, 0, 2)."/$this->hash.$this->extension";
    }
}
