<?php

namespace App\Live;

use App\Feeds\LivePosts;
use App\Models\StoredCard;
use InkyCard\Card\Card;
use InkyCard\Card\Piece;
use InkyCard\Time\Day;

/** A card with what its pieces say of a day, where they follow a feed or the firm's list. */
final class LiveWords
{
    public static function on(Card $card, StoredCard $stored, Day $day): Card
    {
        $card = LivePosts::on($card->on($day), $stored->workspace_id);
        $quotes = array_filter($card->pieces, fn (Piece $piece) => $piece->text('follows') !== '');

        // Asked of every card of a list: most say nothing of the firm's.
        return $quotes === [] ? $card
            : QuotationList::of($stored->workspace_id)->on($card, $day, $stored->taken_times);
    }

    /**
     * The same as it was when a message was written: with what it says of all they ever said.
     *
     * @param  \Closure(string): bool  $says  whether the message holds some words
     */
    public static function asSaid(Card $card, StoredCard $stored, \Closure $says): Card
    {
        foreach ($card->pieces as $piece) {
            if ($piece->kind->following($piece) === []) {
                continue;
            }
            $workspace = $stored->workspace_id;
            $ever = [...LivePosts::ever($piece, $workspace), ...QuotationList::ever($piece, $workspace)];
            foreach ($ever as $fields) {
                if ($says($fields[$piece->kind->mainField()])) {
                    $card = $card->replacing($piece->with(['fields' => $fields + $piece->fields]));
                    break;
                }
            }
        }

        return $card;
    }
}
