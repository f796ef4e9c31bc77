<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Card;

/** Several edits as one step. */
final readonly class CompositeEdit implements Edit
{
    /** @param  list<Edit>  $edits  made one after another */
    public function __construct(private array $edits, private string $words)
    {
    }

    public function apply(Card $card): Card
    {
        return array_reduce($this->edits, fn (Card $card, Edit $edit) => $edit->apply($card), $card);
    }

    public function words(Card $before): string
    {
        return $this->words;
    }
}
