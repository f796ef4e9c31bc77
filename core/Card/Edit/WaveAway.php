<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Card;

/** Tells the proof not to bring up a suggestion again, for this card. */
final readonly class WaveAway implements Edit
{
    /** @param  string  $check  key of what suggests it */
    public function __construct(private string $check)
    {
    }

    public function apply(Card $card): Card
    {
        return $card->with(['unknown' => ['waved' => array_values(array_unique([
            ...self::of($card), $this->check,
        ]))] + $card->unknown]);
    }

    /** @return list<string> keys of what was waved away */
    public static function of(Card $card): array
    {
        return array_values(array_filter((array) ($card->unknown['waved'] ?? []), is_string(...)));
    }

    public function words(Card $before): string
    {
        return 'A suggestion waved away';
    }
}
