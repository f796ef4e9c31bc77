<?php

namespace App\Feeds;

use InkyCard\Card\Card;
use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Piece;

/** Cards with the newest entry of the feeds their posts come from. */
final class LivePosts
{
    /** As it is now: a feed that fails keeps what it had. */
    public static function on(Card $card, int $workspace): Card
    {
        foreach ($card->pieces as $piece) {
            $feed = $piece->can(Capability::Feed) ? $piece->text('feed') : '';
            $state = $feed === '' ? null : Feeds::state($workspace, $feed);
            if ($state?->isForgotten() === true) {
                AskFeed::dispatch($state->id);
            }
            $newest = $state?->newest();
            if ($newest !== null && array_intersect_key($piece->fields, $newest) != $newest) {
                $card = $card->replacing($piece->with(['fields' => $newest + $piece->fields]));
            }
        }

        return $card;
    }

    /** @return list<array<string, string>> the newest entry a piece's feed had, and those before, as it says them */
    public static function ever(Piece $piece, int $workspace): array
    {
        $feed = $piece->can(Capability::Feed) ? $piece->text('feed') : '';

        return $feed === '' ? [] : Feeds::state($workspace, $feed)?->ever() ?? [];
    }

    /** Has the feeds of a card asked that nobody asked yet. */
    public static function note(Card $card, int $workspace): void
    {
        foreach ($card->pieces as $piece) {
            $feed = $piece->can(Capability::Feed) ? $piece->text('feed') : '';
            if ($feed !== '' && Feeds::state($workspace, $feed) === null) {
                AskFeed::dispatch(Feeds::number($workspace, $feed))->afterCommit();
            }
        }
    }
}
