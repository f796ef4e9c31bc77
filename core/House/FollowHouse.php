<?php

namespace InkyCard\House;

use InkyCard\Card\Card;
use InkyCard\Card\Edit\Edit;

/** Somebody's card as their house card, and what is theirs, make it. */
final readonly class FollowHouse implements Edit
{
    /** @param  bool  $theirs  it was they who changed something */
    public function __construct(private Card $by, private bool $theirs = false)
    {
    }

    public function apply(Card $card): Card
    {
        return $this->by->with(['unknown' => $card->unknown]);
    }

    public function words(Card $before): string
    {
        return $this->theirs ? 'Filled in' : 'Follows its house card';
    }
}
