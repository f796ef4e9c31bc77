<?php

namespace InkyCard\Card\Edit;

use InkyCard\Brand\Brand;
use InkyCard\Brand\InkRole;
use InkyCard\Card\Card;
use InkyCard\Card\Piece;
use InkyCard\Card\Starter\Starter;
use InkyCard\Card\Style\Tuning;

/**
 * The look of a starter: its arrangement, sizes, spacing and marks, and no own look of any piece. Facts stay, and inks
 * where it is another's look: back to its own, a card has the inks it began with.
 */
final readonly class TakeLook implements Edit
{
    /** @param  ?Brand  $brand  whose inks a card of the starter began with; null for the starter's own */
    public function __construct(private Starter $starter, private ?Brand $brand = null)
    {
    }

    public function apply(Card $card): Card
    {
        $look = $this->starter->sample();
        $own = $this->isOwn($card);
        $inks = [];
        foreach (InkRole::cases() as $role) {
            $ink = $own ? $this->brand?->inks[$role->value] ?? $look->style->ink($role) : $card->style->ink($role);
            $inks[$role->value] = $ink->hex;
        }
        $tunings = [];
        foreach ($look->pieces as $piece) {
            $tunings[$piece->kind->key()] ??= $piece->tuning;
        }

        return $card->with([
            'arrangement' => $look->arrangement,
            'style' => $look->style->with(['inks' => $inks]),
            'pieces' => array_map(
                fn (Piece $piece) => $piece->with(['tuning' => $tunings[$piece->kind->key()] ?? Tuning::none()]),
                $card->pieces,
            ),
            'unknown' => ['starter' => $this->starter->key] + $card->unknown,
        ]);
    }

    private function isOwn(Card $card): bool
    {
        return ($card->unknown['starter'] ?? '') === $this->starter->key;
    }

    public function words(Card $before): string
    {
        return $this->isOwn($before)
            ? "Back to the style of {$this->starter->name}"
            : "Look of {$this->starter->name} taken";
    }
}
