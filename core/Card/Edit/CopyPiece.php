<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Card;

/** A second piece like one there is, right after it, on a line of its own. */
final readonly class CopyPiece implements Edit
{
    public function __construct(private string $id)
    {
    }

    public function apply(Card $card): Card
    {
        $piece = $card->piece($this->id);
        $pieces = $card->pieces;
        array_splice($pieces, (int) array_search($piece, $pieces, true) + 1, 0, [
            $piece->with(['id' => AddPiece::nextId($card), 'joined' => null]),
        ]);

        return $card->with(['pieces' => $pieces]);
    }

    public function words(Card $before): string
    {
        return $before->piece($this->id)->kind->label().' copied';
    }
}
