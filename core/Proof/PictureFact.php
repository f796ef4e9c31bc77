<?php

namespace InkyCard\Proof;

/** What is known of a picture on the card beyond what its document says. */
final readonly class PictureFact
{
    /**
     * @param  int  $bytes  of the file a reader loads
     * @param  float  $lightness  of what it shows on average, OKLab, 0 to 1
     * @param  ?int  $original  width of the part of the original that is shown, px; null when not known
     */
    public function __construct(public int $bytes, public float $lightness, public ?int $original = null)
    {
    }
}
