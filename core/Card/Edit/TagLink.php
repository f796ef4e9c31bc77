<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Card;
use InkyCard\Refusal;

/** Leaves one link without campaign tags, or gives it tags again. */
final readonly class TagLink implements Edit
{
    /** @param  string  $key  its piece's id, or its address where the piece has several links */
    public function __construct(private string $key, private bool $on)
    {
    }

    public function apply(Card $card): Card
    {
        if ($card->tags === null) {
            throw Refusal::because('This card carries no campaign tags: put them on first.');
        }
        if ($this->key === '' || strlen($this->key) > 2000) {
            throw Refusal::because('This link is no longer on the card.');
        }
        $off = array_values(array_diff($card->tags->off, [$this->key]));

        return $card->with(['tags' => $card->tags->with(['off' => $this->on ? $off : [...$off, $this->key]])]);
    }

    public function words(Card $before): string
    {
        return $this->on ? 'Tags put on a link' : 'Tags left off a link';
    }
}
