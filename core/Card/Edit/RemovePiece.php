<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Card;
use InkyCard\Card\Piece;

/** Takes a piece off the card; undo brings it back. */
final readonly class RemovePiece implements Edit
{
    public function __construct(private string $id)
    {
    }

    public function apply(Card $card): Card
    {
        $gone = $card->piece($this->id);

        return $card->with([
            'pieces' => array_values(array_filter($card->pieces, fn (Piece $piece) => $piece !== $gone)),
        ]);
    }

    public function words(Card $before): string
    {
        return $before->piece($this->id)->kind->label().' removed';
    }
}
