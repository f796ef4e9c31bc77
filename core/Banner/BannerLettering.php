<?php

namespace InkyCard\Banner;

use InkyCard\Colour\Colour;

/** What a banner's words are set in, and what had to be done for them to be read. */
final readonly class BannerLettering
{
    /**
     * @param  array<string, Colour>  $inks  part => ink
     * @param  ?array{Colour, float}  $veil  what lies behind the words, and how much it covers, 0 to 1
     */
    public function __construct(public array $inks, public ?array $veil = null)
    {
    }
}
