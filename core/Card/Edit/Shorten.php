<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Arrangement\Arrangement;
use InkyCard\Card\Card;
use InkyCard\Card\Piece;

/**
 * A card down to what fits under a message from a phone, or under an answer:
 * who, one number, one site, one call, and what the law wants said. The rest
 * is hidden, not taken away.
 */
final readonly class Shorten implements Edit
{
    /** What stays, however often it is there. */
    private const KEPT = ['name', 'credentials', 'role', 'company', 'licence', 'notice'];

    /** Arrangements that are low already. */
    private const LOW = ['single-line', 'reply'];

    /** Of each of these the first stays. */
    private const ONE_OF = [['phone'], ['web'], ['button', 'booking', 'textlink']];

    public function apply(Card $card): Card
    {
        $first = [];
        foreach (self::ONE_OF as $kinds) {
            $of = array_values(
                array_filter(
                    $card->pieces,
                    fn (Piece $piece) => $piece->shown && ! $piece->isBlank()
                        && in_array($piece->kind->key(), $kinds, true),
                ),
            );
            // A phone number that goes where its holder goes comes first.
            usort(
                $of,
                fn (Piece $one, Piece $other) => ($other->text('sort') === 'mobile')
                    <=> ($one->text('sort') === 'mobile'),
            );
            $first[] = $of[0]->id ?? null;
        }
        $short = $card->with([
            'arrangement' => in_array($card->arrangement->key, self::LOW, true)
                ? $card->arrangement
                : Arrangement::of('words-only'),
            'pieces' => array_map(
                fn (Piece $piece) => $piece->with([
                    'shown' => $piece->shown
                        && (in_array($piece->kind->key(), self::KEPT, true) || in_array($piece->id, $first, true)),
                ]),
                $card->pieces,
            ),
        ]);

        // A card that says none of it is as short as it gets.
        return array_filter($short->pieces, fn (Piece $piece) => $piece->shown && ! $piece->isBlank()) === []
            ? $card
            : $short;
    }

    public function words(Card $before): string
    {
        return 'Shortened';
    }
}
