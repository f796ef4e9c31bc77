<?php

namespace App\Banners;

use App\Clicks\Token;
use App\Feeds\Feeds;
use App\Pictures\HostedPictures;
use Illuminate\Support\Facades\DB;
use InkyCard\Card\Card;
use InkyCard\Card\Kind\Capability;
use InkyCard\Compose\PostPicture;

/** Hosted places: the addresses they are reached at, which stay. */
final class HostedPlaces
{
    /** The card with their addresses on its places; a copy has its own. */
    public static function addressed(Card $card, int $number): Card
    {
        foreach ($card->pieces as $piece) {
            $place = "$number/$piece->id";
            if ($piece->isHosted() && $piece->text('place') !== $place) {
                // The address of a post is that of its entry.
                $leads = $piece->can(Capability::Feed) ? 'link' : 'address';
                $card = $card->replacing($piece->with(['fields' => [
                    'place' => $place, $leads => HostedPictures::publicBase().'/to/'.Token::ofPlace($place),
                ] + $piece->fields]));
            }
        }

        return $card;
    }

    /** Notes what a card's places are like: they answer for good, even once they are off the card. */
    public static function note(int $workspace, int $number, Card $card): void
    {
        // Most edits change none of them: what holds them then goes on holding.
        $noted = DB::table('places')->leftJoin('feeds', 'feeds.id', 'feed_id')->where('card_id', $number)
            ->get(['piece', 'width', 'height', 'gap', 'look', 'address'])->keyBy('piece');
        foreach ($card->pieces as $piece) {
            if (! $piece->isHosted()) {
                continue;
            }
            $post = $piece->can(Capability::Feed) ? PostPicture::of($card, $piece) : null;
            $is = [
                'width' => $post->width ?? (int) $piece->text('width'),
                'height' => $post->height ?? (int) $piece->text('height'), 'gap' => $piece->text('gap'),
                'look' => $post === null ? null : json_encode($post->toArray(), JSON_THROW_ON_ERROR),
            ];
            $feed = $post === null ? null : $piece->text('feed');
            if (($noted[$piece->id] ?? null) == (object) (['piece' => $piece->id, 'address' => $feed] + $is)) {
                continue;
            }
            DB::table('places')->upsert([
                'workspace_id' => $workspace, 'card_id' => $number, 'piece' => $piece->id,
                'feed_id' => $feed === null ? null : Feeds::number($workspace, $feed),
                'created_at' => now(), 'updated_at' => now(),
            ] + $is, ['card_id', 'piece'], ['width', 'height', 'gap', 'feed_id', 'look', 'updated_at']);
            HeldAnswers::forget();
        }
    }

    /** @return list<array{int, int}> sizes of the places of a workspace, CSS px */
    public static function sizes(int $workspace): array
    {
        return array_values(DB::table('places')->where('workspace_id', $workspace)->whereNull('feed_id')->distinct()
            ->get(['width', 'height'])
            ->map(fn (\stdClass $row) => [(int) $row->width, (int) $row->height])->all());
    }
}
