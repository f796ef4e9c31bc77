<?php

namespace InkyCard\Banner;

use InkyCard\Picture\Baked;

/** A banner as baked, with its dark twin and what was measured of it. */
final readonly class BannerPrint
{
    /**
     * @param  float  $contrast  of the words that read worst, on both
     * @param  string  $mended  what was done so that they read, a sentence; may be empty
     * @param  float  $smallest  size of the smallest words, CSS px
     * @param  float  $fullness  share of the words' place they take
     */
    public function __construct(
        public Baked $light,
        public Baked $dark,
        public float $contrast,
        public string $mended,
        public float $smallest,
        public float $fullness,
    ) {
    }
}
