<?php

namespace App\Bench;

use App\Models\StoredBrand;
use App\Models\StoredCard;
use App\Pictures\HostedPictures;
use InkyCard\Card\Card;
use InkyCard\Card\Content\PictureBlock;
use InkyCard\Card\Kind\ProfilesKind;
use InkyCard\Card\Piece;
use InkyCard\Link\ProfileLink;

/** The links of a piece that shows profiles. */
final class ProfileRows
{
    /** Of a mark beside a link, CSS px. */
    private const SIZE = 24;

    /** @return list<ProfileRow> */
    public static function of(StoredCard $card, Card $document, Piece $piece): array
    {
        $firms = StoredBrand::in($card->workspace)->document()->lines->profiles;
        $links = $piece->kind->profiles($piece);
        $marks = self::marks($links, $piece, $document);

        return array_map(fn (string $line, ProfileLink $link, string $mark) => new ProfileRow(
            $line, $link, $mark, in_array($line, $firms, true), isset($piece->pairs('marks')[$line]),
        ), $piece->lines('links'), $links, $marks);
    }

    /**
     * @param  list<ProfileLink>  $links
     * @return list<string> addresses
     */
    private static function marks(array $links, Piece $piece, Card $document): array
    {
        $pictures = array_map(fn (ProfileLink $link) => new PictureBlock(
            ProfilesKind::mark($link->mark, $piece, $document->style), self::SIZE, self::SIZE, '', '',
        ), $links);
        $hosted = HostedPictures::forScreen();
        $hosted->prepare($pictures);

        // Shown on a page of our own, wherever readers are given them.
        return array_map(fn (PictureBlock $one) => (string) parse_url($hosted->source($one), PHP_URL_PATH), $pictures);
    }
}
