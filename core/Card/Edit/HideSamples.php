<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Card;
use InkyCard\Card\Piece;

/** Hides every piece that still holds a starter's made-up value. */
final readonly class HideSamples implements Edit
{
    public function apply(Card $card): Card
    {
        return $card->with(['pieces' => array_map(
            fn (Piece $piece) => $piece->samples() !== [] ? $piece->with(['shown' => false]) : $piece,
            $card->pieces,
        )]);
    }

    public function words(Card $before): string
    {
        return 'Sample values hidden';
    }
}
