<?php

namespace App\Bench;

use InkyCard\Card\Card;
use InkyCard\Card\Piece;
use InkyCard\Card\Starter\Starters;
use InkyCard\Link\ProfileDirectory;
use InkyCard\Link\ProfileLink;
use InkyCard\Link\Trade;

/** Every kind of profile, by trade: those of the card's own trade come first. */
final class ProfileShelf
{
    /**
     * @param  list<string>  $lines  profiles the firm keeps for everybody
     * @return array<string, array<string, array{label: string, mark: string, find: string, example: string}>> trade =>
     *     kinds; a kind stands once, under the first trade that has it
     */
    public static function of(Card $card, array $lines): array
    {
        $kinds = ProfileDirectory::all();
        $shelf = [];
        foreach (self::trades($card, $lines) as $trade) {
            $shelf[$trade->label()] = [];
            foreach ($kinds as $key => $kind) {
                if ($kind['hosts'] !== [] && in_array($trade->value, $kind['trades'], true)) {
                    $shelf[$trade->label()][$key] = [
                        'label' => $kind['label'], 'mark' => $kind['mark'], 'find' => ProfileDirectory::find($key),
                        'example' => $kind['hosts'][0],
                    ];
                    unset($kinds[$key]);
                }
            }
        }

        return array_filter($shelf);
    }

    /**
     * @param  list<string>  $lines
     * @return list<Trade>
     */
    private static function trades(Card $card, array $lines): array
    {
        $starter = Starters::all()[$card->unknown['starter'] ?? ''] ?? null;
        $links = array_merge(
            array_map(ProfileDirectory::read(...), $lines),
            ...array_map(fn (Piece $piece) => $piece->kind->profiles($piece), $card->pieces),
        );
        $used = array_merge(...array_map(
            fn (ProfileLink $link) => ProfileDirectory::all()[$link->kind]['trades'] ?? [], $links,
        ));
        // Everybody uses those.
        $telling = array_diff($used, [Trade::General->value, Trade::Messaging->value]);
        $own = [...$starter->fields ?? [], ...array_map(Trade::from(...), $telling)];

        return array_values(array_unique([...$own, ...Trade::cases()], SORT_REGULAR));
    }
}
