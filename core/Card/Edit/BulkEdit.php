<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Card;

/** An edit made on many cards at once; those it does not concern stay as they are. */
interface BulkEdit extends Edit
{
    /** Whether it changes anything on the card. */
    public function touches(Card $card): bool;

    /** The edit that takes it back. */
    public function back(): self;
}
