<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Card;
use InkyCard\Card\Edit;
use InkyCard\Refusal;

/** Changes parts of the card's style: inks, typeface, sizes, rule, marks. */
final readonly class Restyle implements Edit
{
    /** @param  array<string, mixed>  $changes  parts of the style document */
    public function __construct(private array $changes)
    {
    }

    public function apply(Card $card): Card
    {
        return $card->with(['style' => Refusal::at('/style', fn () => $card->style->with($this->changes))]);
    }

    public function words(Card $before): string
    {
        return 'Style: '.implode(', ', array_keys($this->changes)).' changed';
    }
}
