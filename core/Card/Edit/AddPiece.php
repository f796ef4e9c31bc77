<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Card;
use InkyCard\Card\FilledBy;
use InkyCard\Card\Kind\Kind;
use InkyCard\Card\Piece;
use InkyCard\Card\Style\Tuning;

/** Adds an empty piece of a kind at the end of its zone. */
final readonly class AddPiece implements Edit
{
    public function __construct(private Kind $kind)
    {
    }

    public function apply(Card $card): Card
    {
        return $card->with(['pieces' => [...$card->pieces, new Piece(
            self::nextId($card),
            $this->kind,
            $this->kind->zone(),
            $this->kind->accept([], $card->country),
            shown: true,
            sample: false,
            joined: null,
            filledBy: FilledBy::Free,
            tuning: Tuning::none(),
        )]]);
    }

    public function words(Card $before): string
    {
        return $this->kind->label().' added';
    }

    /** The id the added piece gets: one above the highest number in use. */
    public static function nextId(Card $card): string
    {
        $numbers = array_map(
            fn (Piece $piece) => (int) preg_replace('/\D+/', '', substr($piece->id, 0, 9)),
            $card->pieces,
        );

        return 'p'.(max([0, ...$numbers]) + 1);
    }
}
