<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Card;
use InkyCard\Card\FilledBy;
use InkyCard\Card\Kind\Kind;
use InkyCard\Card\Kind\Standing;
use InkyCard\Card\Piece;
use InkyCard\Card\Style\Tuning;

/** Adds a piece of a kind at the end of its zone: what is known of the firm and the holder is in it. */
final readonly class AddPiece implements Edit
{
    public function __construct(private Kind $kind, private ?Standing $known = null)
    {
    }

    public function apply(Card $card): Card
    {
        return $card->with(['pieces' => [...$card->pieces, new Piece(
            self::nextId($card),
            $this->kind,
            $this->kind->zone(),
            $this->kind->accept($this->known($card), $card->country),
            shown: true,
            madeUp: [],
            joined: null,
            filledBy: FilledBy::Free,
            tuning: Tuning::none(),
        )]]);
    }

    /** @return array<string, mixed> fields; none where the card says the same already */
    private function known(Card $card): array
    {
        $fields = $this->known === null ? [] : array_filter($this->kind->standing($this->known));
        foreach ($card->pieces as $piece) {
            if ($piece->kind === $this->kind && array_intersect_key($piece->fields, $fields) == $fields) {
                return [];
            }
        }

        return $fields;
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
