<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Arrangement\Arrangement;
use InkyCard\Card\Card;

/** Lays the same pieces out another way; none of them changes. */
final readonly class Rearrange implements Edit
{
    public function __construct(private Arrangement $arrangement)
    {
    }

    public function apply(Card $card): Card
    {
        return $card->with(['arrangement' => $this->arrangement]);
    }

    public function words(Card $before): string
    {
        return 'Arrangement: '.$this->arrangement->label;
    }
}
