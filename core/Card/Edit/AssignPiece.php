<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Card;
use InkyCard\Card\FilledBy;

/** Says who fills a piece on a card shared by a team. */
final readonly class AssignPiece implements Edit
{
    public function __construct(private string $id, private FilledBy $by)
    {
    }

    public function apply(Card $card): Card
    {
        return $card->replacing($card->piece($this->id)->with(['filledBy' => $this->by]));
    }

    public function words(Card $before): string
    {
        return $before->piece($this->id)->kind->label().' '
            .match ($this->by) {
                FilledBy::Us => 'locked', FilledBy::Person => 'left for each person',
                FilledBy::Must => 'asked of each person', FilledBy::Free => 'left free',
            };
    }
}
