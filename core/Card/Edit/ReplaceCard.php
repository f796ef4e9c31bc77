<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Card;

/** Another document in a card's place, made elsewhere. */
final readonly class ReplaceCard implements Edit
{
    public function __construct(private Card $by)
    {
    }

    public function apply(Card $card): Card
    {
        return $this->by;
    }

    public function words(Card $before): string
    {
        return 'Replaced by another document';
    }
}
