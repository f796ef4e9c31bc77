<?php

namespace App\Clicks;

use App\Models\StoredCard;
use App\Pictures\HostedPictures;
use App\Roster\People;
use Illuminate\Support\Facades\DB;
use InkyCard\Card\Card as Document;
use InkyCard\Card\Content\Block;
use InkyCard\Card\Piece;
use InkyCard\Layout\Sheet;

/** Gives the links of a card that counts presses their short addresses. */
final class CountedLinks
{
    /** The card as it is handed over: its web links counted if it says so. */
    public static function sheet(StoredCard $card, Document $document): Sheet
    {
        if (! $document->counted) {
            return Sheet::of($document);
        }
        $contents = $wanted = [];
        $person = People::holder($card, $document)->id;
        foreach ($document->pieces as $piece) {
            if (! $piece->shown) {
                continue;
            }
            $contents[$piece->id] = $document->content($piece);
            foreach ($contents[$piece->id] as $block) {
                foreach ($block->links() as $link) {
                    if (self::counts($link->href)) {
                        $wanted[self::key($piece->id, $link->href)] ??= [
                            'card_id' => $card->id,
                            'piece' => $piece->id,
                            'kind' => $piece->kind->key(),
                            'words' => mb_strimwidth($link->words ?: $piece->kind->label(), 0, 160, '…'),
                            'person_id' => $person,
                            'address' => $link->href,
                            'hash' => hash('sha256', $link->href),
                            'created_at' => (string) now(),
                        ];
                    }
                }
            }
        }
        $numbers = self::numbers($card, $person, $wanted);
        $base = HostedPictures::publicBase();

        return Sheet::of(
            $document,
            fn (Piece $piece) => array_map(
                fn (Block $block) => $block->withLinks(
                    fn (string $href) => self::counts($href)
                        ? "$base/go/".Token::of($numbers[self::key($piece->id, $href)])
                        : $href,
                ),
                $contents[$piece->id] ?? [],
            ),
        );
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
     * @param  array<string, array<string, mixed>>  $wanted  rows
     * @return array<string, int> the same keys => number of the link
     */
    private static function numbers(StoredCard $card, string $person, array $wanted): array
    {
        $known = function () use ($card, $person): array {
            $numbers = [];
            foreach (
                DB::table('tracked_links')
                    ->where(['card_id' => $card->id, 'person_id' => $person])
                    ->get(['id', 'piece', 'hash']) as $row
            ) {
                $numbers["$row->piece $row->hash"] = (int) $row->id;
            }

            return $numbers;
        };
        $numbers = $known();
        $missing = array_diff_key($wanted, $numbers);
        if ($missing !== []) {
            DB::table('tracked_links')->insertOrIgnore(array_values($missing));
            $numbers = $known();
        }

        return $numbers;
    }

    private static function key(string $piece, string $href): string
    {
        return $piece.' '.hash('sha256', $href);
    }

    private static function counts(string $href): bool
    {
        return preg_match('~^https?://~', $href) === 1;
    }
}
