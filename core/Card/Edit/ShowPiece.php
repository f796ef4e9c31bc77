<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Card;

/** Shows a piece or hides it; a hidden one keeps all it holds. */
final readonly class ShowPiece implements Edit
{
    public function __construct(private string $id, private bool $shown)
    {
    }

    public function apply(Card $card): Card
    {
        return $card->replacing($card->piece($this->id)->with(['shown' => $this->shown]));
    }

    public function words(Card $before): string
    {
        return $before->piece($this->id)->kind->label().($this->shown ? ' shown' : ' hidden');
    }
}
