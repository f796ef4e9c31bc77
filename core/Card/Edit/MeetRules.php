<?php

namespace InkyCard\Card\Edit;

use InkyCard\Brand\Brand;
use InkyCard\Brand\Notice;
use InkyCard\Card\Arrangement\Arrangement;
use InkyCard\Card\Card;
use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Kind\Kinds;
use InkyCard\Card\Kind\NoticeKind;
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
            $others = array_filter($card->pieces, fn (Piece $piece) => ! $this->isOurs($piece));

            return $card->with(['pieces' => array_values($others)]);
        }
        $kind = Kinds::first(Capability::Notice);
        // One that is on the card needs a place alone; a new one needs one as well.
        if ($this->missing($card) !== [] && ! isset($card->arrangement->zones[$kind->zone()->value])) {
            $card = $card->with(['arrangement' => Arrangement::of('words-only')]);
        }
        foreach ($this->missing($card) as $notice) {
            $fields = ['text' => $notice->text, 'documents' => $notice->documents];
            $fill = new FillPiece(AddPiece::nextId($card), $fields);
            $card = $fill->apply((new AddPiece($kind))->apply($card));
        }

        return $card;
    }

    /** @return list<Notice> */
    private function missing(Card $card): array
    {
        return MissingCompliance::missing($card, $this->brand)->notices ?? [];
    }

    public function touches(Card $card): bool
    {
        return ($this->back ? array_filter($card->pieces, $this->isOurs(...)) : $this->missing($card)) !== [];
    }

    public function back(): self
    {
        return new self($this->brand, ! $this->back);
    }

    public function words(Card $before): string
    {
        $notices = $this->back ? $this->brand->notices : $this->missing($before);

        return ($this->back ? 'Notices taken off: ' : 'Notices put on: ').implode(', ', array_column($notices, 'name'));
    }

    private function isOurs(Piece $piece): bool
    {
        return $piece->can(Capability::Notice) && array_filter(
            $this->brand->notices, fn (Notice $notice) => NoticeKind::shows($piece, $notice),
        ) !== [];
    }
}
