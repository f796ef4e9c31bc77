<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Card;

/** Has clicks of the card's links counted, or no longer. */
final readonly class CountClicks implements Edit
{
    public function __construct(private bool $counted)
    {
    }

    public function apply(Card $card): Card
    {
        return $card->with(['counted' => $this->counted]);
    }

    public function words(Card $before): string
    {
        return $this->counted ? 'Clicks counted from now on' : 'Clicks no longer counted';
    }
}
