<?php

namespace InkyCard\Card\Kind;

use InkyCard\Card\Style\Style;

/** What a piece has to know of the card it stands on. */
final readonly class CardContext
{
    /** @param  string  $holder  what the card's holder is called on it; empty when no name is filled in and shown */
    public function __construct(public Style $style, public string $holder)
    {
    }
}
