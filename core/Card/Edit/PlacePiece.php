<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Card;
use InkyCard\Card\Kind\Zone;
use InkyCard\Card\Piece;

/** Puts a piece at a place of a zone, its own or another. */
final readonly class PlacePiece implements Edit
{
    /** @param  string  $before  id of the piece it comes to stand before; empty for the end of the zone */
    public function __construct(private string $id, private Zone $zone, private string $before)
    {
    }

    public function apply(Card $card): Card
    {
        $piece = $card->piece($this->id);
        $moved = $piece->zone === $this->zone ? $piece : $piece->with(['zone' => $this->zone, 'joined' => null]);
        $pieces = array_values(array_filter($card->pieces, fn (Piece $other) => $other->id !== $this->id));
        $at = array_search($this->before, array_column($pieces, 'id'), true);
        array_splice($pieces, $this->before === '' || $at === false ? count($pieces) : (int) $at, 0, [$moved]);

        return $card->with(['pieces' => $pieces]);
    }

    public function words(Card $before): string
    {
        $piece = $before->piece($this->id);

        return $piece->kind->label().' moved'
            .($piece->zone === $this->zone ? '' : ' '.mb_strtolower($this->zone->label()));
    }
}
