<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Card;

/** Another whole design of the same facts: arrangement, style, and how its pieces stand. */
final readonly class Redesign implements Edit
{
    /** @param  Card  $design  the card in it */
    public function __construct(private Card $design, private string $name)
    {
    }

    public function apply(Card $card): Card
    {
        return $card->with([
            'arrangement' => $this->design->arrangement, 'style' => $this->design->style,
            'pieces' => $this->design->pieces,
        ]);
    }

    public function words(Card $before): string
    {
        return "Sketch $this->name taken";
    }
}
