<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Card;
use InkyCard\Refusal;

/** Gives several pieces one look: of what is set, each takes what it has. */
final readonly class TuneSeveral implements Edit
{
    /**
     * @param  list<string>  $ids
     * @param  array<array-key, mixed>  $form  as a form brings it; what is left empty stays as each piece has it
     */
    public function __construct(private array $ids, private array $form)
    {
    }

    public function apply(Card $card): Card
    {
        $set = array_filter($this->form, fn (mixed $value) => $value !== '' && $value !== null);
        if ($this->ids === [] || $set === []) {
            throw Refusal::because('Choose pieces and what to set.', '/tuning/several');
        }
        foreach ($this->ids as $id) {
            $own = $card->piece($id);
            $fits = array_intersect_key($set, array_flip($own->kind->tunes()));
            if ($fits !== []) {
                $card = TunePiece::fromForm($id, $fits)->apply($card);
            }
        }

        return $card;
    }

    public function words(Card $before): string
    {
        return count($this->ids).' pieces tuned together';
    }
}
