<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Card;
use InkyCard\Refusal;

/** One change to a card, with the words its history shows for it. */
interface Edit
{
    /**
     * The changed card; the one given stays as it is.
     *
     * @throws Refusal
     */
    public function apply(Card $card): Card;

    /** What it does to the card as it was before, such as "Role set to Planting lead". */
    public function words(Card $before): string;
}
