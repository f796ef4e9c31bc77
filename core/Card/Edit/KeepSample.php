<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Card;

/** What a starter made up for a piece is the holder's own: it was read, and fits. */
final readonly class KeepSample implements Edit
{
    public function __construct(private string $id)
    {
    }

    public function apply(Card $card): Card
    {
        return $card->replacing($card->piece($this->id)->with(['madeUp' => []]));
    }

    public function words(Card $before): string
    {
        return $before->piece($this->id)->kind->label().' kept as it is';
    }
}
