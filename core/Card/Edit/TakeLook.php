<?php

namespace InkyCard\Card\Edit;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Card;
use InkyCard\Card\Piece;
use InkyCard\Card\Starter\Starter;
use InkyCard\Card\Style\Tuning;

/**
 * The look of a starter: its arrangement, sizes, spacing and marks, and no own look of any piece. Facts and inks stay.
 */
final readonly class TakeLook implements Edit
{
    public function __construct(private Starter $starter)
    {
    }

    public function apply(Card $card): Card
    {
        $look = $this->starter->sample();
        $inks = [];
        foreach (InkRole::cases() as $role) {
            $inks[$role->value] = $card->style->ink($role)->toHex();
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

    public function words(Card $before): string
    {
        return ($before->unknown['starter'] ?? '') === $this->starter->key
            ? "Back to the style of {$this->starter->name}"
            : "Look of {$this->starter->name} taken";
    }
}
