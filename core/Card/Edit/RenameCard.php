<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Card;

/** Gives the card another name. */
final readonly class RenameCard implements Edit
{
    /** @param  mixed  $name  as typed */
    public function __construct(private mixed $name)
    {
    }

    public function apply(Card $card): Card
    {
        return $card->with(['name' => $this->name]);
    }

    public function words(Card $before): string
    {
        return 'Named '.$this->apply($before)->name;
    }
}
