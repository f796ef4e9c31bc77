<?php

namespace App\Pictures;

use InkyCard\Banner\Design;
use InkyCard\Banner\SetWords;

/** A banner in one design, as drawn. */
final readonly class BannerTile
{
    /**
     * @param  ?\GdImage  $dark  on a page turned dark, where that was asked for
     * @param  float  $contrast  of the words that read worst, on a light page and on a dark one
     * @param  string  $mended  what was done so that they read; may be empty
     */
    public function __construct(
        public Design $design,
        public \GdImage $light,
        public ?\GdImage $dark,
        public float $contrast,
        public string $mended,
        public SetWords $words,
    ) {
    }
}
