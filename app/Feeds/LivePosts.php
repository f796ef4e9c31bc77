<?php

namespace App\Feeds;

use InkyCard\Card\Card;
use InkyCard\Card\Kind\Capability;

/** Cards with the newest entry of the feeds their posts come from. */
final class LivePosts
{
    /** As it is now: a feed that fails keeps what it had. */
    public static function on(Card $card, int $workspace): Card
    {
        foreach ($card->pieces as $piece) {
            $feed = $piece->can(Capability::Feed) ? $piece->text('feed') : '';
            $entry = $feed === '' ? null : Feeds::state($workspace, $feed)?->entry;
            if ($entry !== null && [$piece->text('title'), $piece->text('address')] !== $entry) {
                $card = $card->replacing($piece->with([
                    'fields' => ['title' => $entry[0], 'address' => $entry[1]] + $piece->fields,
                ]));
            }
        }

        return $card;
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
