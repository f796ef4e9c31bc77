<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Card;
use InkyCard\Time\Window;

/** Says on which days a piece is on the card. */
final readonly class TimePiece implements Edit
{
    /** @param  ?Window  $window  null for all days */
    public function __construct(private string $id, private ?Window $window)
    {
    }

    public function apply(Card $card): Card
    {
        return $card->replacing($card->piece($this->id)->with(['window' => $this->window]));
    }

    public function words(Card $before): string
    {
        return $before->piece($this->id)->kind->label().' '.($this->window?->words() ?: 'on every day');
    }
}
