<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Arrangement\Arrangement;
use InkyCard\Card\Card;
use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Piece;

/**
 * A card down to what fits under a message from a phone, or under an answer:
 * who, one number, one site, one call, and what the law wants said. The rest
 * is hidden, not taken away.
 */
final readonly class Shorten implements Edit
{
    /** Arrangements that are low already. */
    private const LOW = ['single-line', 'reply'];

    /** What a phone is given: the card's own form for phones, or one as short. */
    public static function forPhone(Card $card): Card
    {
        return isset($card->forms['phone']) ? $card->inForm('phone') : (new self)->apply($card);
    }

    public function apply(Card $card): Card
    {
        $firsts = array_column(self::firsts($card), 'id');
        $short = $card->with([
            'arrangement' => in_array($card->arrangement->key, self::LOW, true) ? $card->arrangement
                : Arrangement::of('words-only'),
            'pieces' => array_map(
                fn (Piece $piece) => $piece->with(['shown' => $piece->shown && ($piece->can(Capability::InShort)
                    || in_array($piece->id, $firsts, true))]),
                $card->pieces,
            ),
        ]);

        // A card that says none of it is as short as it gets.
        return $short->filled() === [] ? $card : $short;
    }

    /** @return list<Piece> those of which one is enough */
    private static function firsts(Card $card): array
    {
        $firsts = [];
        foreach (Capability::ONE_IN_SHORT as $capability) {
            $of = $card->filled($capability);
            // A phone number that goes where its holder goes comes first.
            $isMobile = fn (Piece $piece) => $piece->text('sort') === 'mobile';
            usort($of, fn (Piece $one, Piece $other) => $isMobile($other) <=> $isMobile($one));
            array_push($firsts, ...array_slice($of, 0, 1));
        }

        return $firsts;
    }

    public function words(Card $before): string
    {
        return 'Shortened';
    }
}
