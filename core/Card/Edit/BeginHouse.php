<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Card;
use InkyCard\Card\FilledBy;
use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Piece;

/**
 * Makes a card one a group can follow: what is somebody's own becomes a blank, the name one that has to be filled in,
 * and all else is the firm's. Pieces somebody has been assigned already stay so.
 */
final readonly class BeginHouse implements Edit
{
    public function apply(Card $card): Card
    {
        return $card->with(['pieces' => array_map(
            fn (Piece $piece): Piece => $piece->filledBy === FilledBy::Free
                ? $piece->with(['filledBy' => self::by($piece)]) : $piece,
            $card->pieces,
        )]);
    }

    public function words(Card $before): string
    {
        return 'Made a house card';
    }

    private static function by(Piece $piece): FilledBy
    {
        return match (true) {
            $piece->can(Capability::Holder), $piece->can(Capability::MailAddress) => FilledBy::Must,
            // The firm's profiles and its general number are the firm's; those of a person are told by being personal.
            $piece->can(Capability::Personal) => FilledBy::Person,
            default => FilledBy::Us,
        };
    }
}
