<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Card;
use InkyCard\Card\Piece;
use InkyCard\Refusal;

/** Sets some or all fields of a piece; the others stay. */
final readonly class FillPiece implements Edit
{
    /** @param  array<array-key, mixed>  $fields  as typed */
    public function __construct(private string $id, private array $fields)
    {
    }

    public function apply(Card $card): Card
    {
        return $card->replacing($this->filled($card));
    }

    public function words(Card $before): string
    {
        $filled = $this->filled($before);
        $summary = mb_strimwidth($filled->summary(), 0, 60, '…');

        return $filled->kind->label().($summary === '' ? ' cleared' : " set to $summary");
    }

    /**
     * @return list<Refusal> every field that is not acceptable, each with its path
     *
     * @throws Refusal when the piece is not on the card
     */
    public function refusals(Card $card): array
    {
        $piece = $card->piece($this->id);
        $refusals = [];
        foreach ($this->fields as $name => $value) {
            try {
                $piece->kind->accept([...$piece->fields, $name => $value], $card->country);
            } catch (Refusal $refusal) {
                $refusals[] = $refusal;
            }
        }

        return $refusals;
    }

    /** A field somebody filled is no sample any more; the others, and the same value again, still are. */
    private function filled(Card $card): Piece
    {
        $piece = $card->piece($this->id);
        $fields
            = Refusal::at(
                '/fields',
                fn () => $piece->kind->accept([...$piece->fields, ...$this->fields], $card->country),
            ) + $piece->fields;

        return $piece->with(['fields' => $fields])->pruned();
    }
}
