<?php

namespace InkyCard\Card\Edit;

use InkyCard\Brand\Brand;
use InkyCard\Card\Arrangement\Arrangement;
use InkyCard\Card\Card;
use InkyCard\Card\Kind\Kinds;
use InkyCard\Card\MissingCompliance;
use InkyCard\Card\Piece;

/** Puts the notices trade rules ask for on a card that lacks them; a licence number only its holder knows. */
final readonly class MeetRules implements BulkEdit
{
    /** @param  bool  $back  takes them off again */
    public function __construct(public Brand $brand, public bool $back = false)
    {
    }

    public function apply(Card $card): Card
    {
        if ($this->back) {
            return $card->with([
                'pieces' => array_values(array_filter($card->pieces, fn (Piece $piece) => ! $this->isOurs($piece))),
            ]);
        }
        // One that is on the card needs a place alone; a new one needs one as well.
        if ((MissingCompliance::missing($card, $this->brand)->notices ?? []) !== []
            && ! isset($card->arrangement->zones[Kinds::of('notice')->zone()->value])) {
            $card = $card->with(['arrangement' => Arrangement::of('words-only')]);
        }
        foreach (MissingCompliance::missing($card, $this->brand)->notices ?? [] as $notice) {
            $id = AddPiece::nextId($card);
            $card = (new FillPiece($id, ['text' => $notice->text, 'documents' => $notice->documents]))->apply(
                (new AddPiece(Kinds::of('notice')))->apply($card),
            );
        }

        return $card;
    }

    public function touches(Card $card): bool
    {
        return $this->back
            ? array_filter($card->pieces, $this->isOurs(...)) !== []
            : (MissingCompliance::missing($card, $this->brand)->notices ?? []) !== [];
    }

    public function back(): self
    {
        return new self($this->brand, ! $this->back);
    }

    public function words(Card $before): string
    {
        return ($this->back ? 'Notices taken off: ' : 'Notices put on: ')
            .implode(
                ', ',
                array_column(
                    $this->back
                        ? $this->brand->notices
                        : MissingCompliance::missing($before, $this->brand)->notices ?? [],
                    'name',
                ),
            );
    }

    private function isOurs(Piece $piece): bool
    {
        foreach ($this->brand->notices as $notice) {
            if ($piece->kind->key() === 'notice' && $piece->text('text') === $notice->text
                && ($piece->fields['documents'] ?? []) === $notice->documents) {
                return true;
            }
        }

        return false;
    }
}
