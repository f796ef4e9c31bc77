<?php

namespace App\Clicks;

use App\Models\StoredCard;
use App\Pictures\HostedPictures;
use App\Roster\People;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Facades\DB;
use InkyCard\Card\Card as Document;
use InkyCard\Card\Content\Block;
use InkyCard\Card\Content\BlockLink;
use InkyCard\Card\Piece;
use InkyCard\Layout\Sheet;
use InkyCard\Link\LinkAction;

/** Gives the links of a card that counts clicks their short addresses. */
final class CountedLinks
{
    /** The card as it is handed over: its web links counted if it says so. */
    public static function sheet(StoredCard $card, Document $document): Sheet
    {
        if (! $document->counted) {
            return Sheet::of($document);
        }
        $contents = [];
        foreach (array_filter($document->pieces, fn (Piece $piece) => $piece->shown) as $piece) {
            $contents[$piece->id] = $document->content($piece);
        }
        $numbers = self::numbers($card, $document, $contents);
        $base = HostedPictures::publicBase();
        $to = fn (Piece $piece) => fn (string $href) => self::counts($href)
            ? "$base/go/".Token::of($numbers[self::key($piece->id, $href)])
            : $href;

        return Sheet::of($document, fn (Piece $piece) => array_map(
            fn (Block $block) => $document->follows($piece) ? $block->withLinks($to($piece)) : $block,
            $contents[$piece->id] ?? [],
        ));
    }

    /** Where a counted address of ours leads; any other stays as it is. */
    public static function behind(string $href): string
    {
        $number
            = preg_match('~^https?://[^/]+/go/([\w-]{11,30})$~D', $href, $match) === 1 ? Token::link($match[1]) : null;
        $address = $number === null ? null : DB::table('tracked_links')->where('id', $number)->value('address');

        return is_string($address) ? $address : $href;
    }

    /**
     * Number of the link a place is counted by while it shows a banner, or an entry of a feed.
     *
     * @param  string  $place  see PlacePicture
     */
    public static function ofPlace(
        ConnectionInterface $clicks, string $place, ?int $banner, string $name, string $address,
    ): int {
        [$card, $piece] = explode('/', $place);
        $at = ['card_id' => (int) $card, 'piece' => $piece, 'hash' => hash('sha256', "banner.$banner $address")];
        $number = $clicks->table('tracked_links')->where($at)->value('id');
        if ($number === null) {
            $clicks->table('tracked_links')->insertOrIgnore($at + [
                'kind' => $banner === null ? 'post' : 'place', 'words' => mb_strimwidth($name, 0, 160, '…'),
                'address' => $address, 'banner_id' => $banner, 'created_at' => (string) now(),
                'person_id' => $clicks->table('cards')->where('id', (int) $card)->value('person_id'),
            ]);
            self::findFirst();
            $number = $clicks->table('tracked_links')->where($at)->value('id');
        }

        return (int) $number;
    }

    /** Links of the same piece and words, made for other addresses or people, are one row of clicks: its first. */
    public static function findFirst(): void
    {
        DB::table('tracked_links')->whereNull('first_id')->update(['first_id' => DB::raw('(select min(id) from '
            .'tracked_links as f where f.card_id = tracked_links.card_id and f.piece = tracked_links.piece and f.kind '
            .'= tracked_links.kind and f.words = tracked_links.words)')]);
    }

    /**
     * @param  array<string, list<Block>>  $contents  by piece
     * @return array<string, int> key => number of the link
     */
    private static function numbers(StoredCard $card, Document $document, array $contents): array
    {
        $at = ['card_id' => $card->id, 'person_id' => People::holder($card, $document)->id];
        $known = fn (): array => DB::table('tracked_links')
            ->where($at)
            ->get(['id', 'piece', 'hash'])
            ->mapWithKeys(fn (\stdClass $row) => ["$row->piece $row->hash" => (int) $row->id])
            ->all();
        $numbers = $known();
        $missing = array_diff_key(self::wanted($document, $contents), $numbers);
        if ($missing !== []) {
            $rows = array_map(fn (array $row) => $at + $row + ['created_at' => (string) now()], $missing);
            DB::table('tracked_links')->insertOrIgnore(array_values($rows));
            self::findFirst();
            $numbers = $known();
        }

        return $numbers;
    }

    /**
     * @param  array<string, list<Block>>  $contents  by piece
     * @return array<string, array<string, string>> key => row
     */
    private static function wanted(Document $document, array $contents): array
    {
        $wanted = [];
        foreach (array_filter($document->pieces, $document->follows(...)) as $piece) {
            $links = array_merge([], ...array_map(fn (Block $block) => $block->links(), $contents[$piece->id] ?? []));
            foreach (array_filter($links, fn (BlockLink $link) => self::counts($link->href)) as $link) {
                $wanted[self::key($piece->id, $link->href)] ??= [
                    'piece' => $piece->id, 'kind' => $piece->kind->key(),
                    'words' => mb_strimwidth($link->words ?: $piece->kind->label(), 0, 160, '…'),
                    'address' => $link->href, 'hash' => hash('sha256', $link->href),
                ];
            }
        }

        return $wanted;
    }

    private static function key(string $piece, string $href): string
    {
        return $piece.' '.hash('sha256', $href);
    }

    /** A document in somebody's storage opens by its exact address alone. */
    private static function counts(string $href): bool
    {
        return preg_match('~^https?://~', $href) === 1 && LinkAction::of($href) !== LinkAction::Shared;
    }
}
