<?php

namespace InkyCard\Card;

use InkyCard\Brand\StandingLines;
use InkyCard\Link\ProfileDirectory;
use InkyCard\Link\ProfileLink;

/**
 * A card's profiles beside what the firm decided on each network: one page for all, or each person's own (need D14).
 */
final readonly class Networks
{
    /**
     * @param  list<ProfileLink>  $firms  on the card, the firm's
     * @param  list<ProfileLink>  $persons  on the card, the person's own
     * @param  list<ProfileLink>  $unused  the firm's, not on the card
     * @param  list<array{ProfileLink, ProfileLink}>  $instead  the person's where the firm has one for all, and the
     *                                                          firm's
     * @param  list<string>  $missing  networks each person has their own of, by label, none of them on the card
     */
    private function __construct(
        public array $firms,
        public array $persons,
        public array $unused,
        public array $instead,
        public array $missing,
    ) {
    }

    public static function of(Card $card, StandingLines $lines): self
    {
        $firm = array_map(ProfileDirectory::read(...), $lines->profiles);
        $shown = array_merge(...array_map(fn (Piece $piece) => $piece->kind->profiles($piece), array_values(
            array_filter($card->pieces, fn (Piece $piece) => $piece->shown),
        )));
        $addresses = array_column($firm, 'address');
        $isFirms = fn (ProfileLink $link) => in_array($link->address, $addresses, true);
        $firms = array_values(array_filter($shown, $isFirms));
        $persons = array_values(array_filter($shown, fn (ProfileLink $link) => ! $isFirms($link)));

        $on = array_column($firms, 'address');
        $unused = array_values(array_filter($firm, fn (ProfileLink $link) => ! in_array($link->address, $on, true)
            && ! in_array($link->kind, $lines->own, true)));
        $instead = self::instead($unused, $persons);
        $taken = array_column($instead, 1);
        $missing = array_diff($lines->own, array_column($persons, 'kind'));

        return new self(
            $firms,
            $persons,
            array_values(array_filter($unused, fn (ProfileLink $link) => ! in_array($link, $taken, true))),
            $instead,
            array_values(array_map(fn (string $kind) => ProfileDirectory::all()[$kind]['label'], $missing)),
        );
    }

    /**
     * @param  list<ProfileLink>  $unused
     * @param  list<ProfileLink>  $persons
     * @return list<array{ProfileLink, ProfileLink}> the person's, and the firm's of the same network
     */
    private static function instead(array $unused, array $persons): array
    {
        $instead = [];
        foreach ($unused as $one) {
            foreach ($persons as $other) {
                if ($one->kind === $other->kind && $one->kind !== 'other') {
                    $instead[] = [$other, $one];
                }
            }
        }

        return $instead;
    }

    /**
     * Lines of a piece with one put in the place of another, or at the end.
     *
     * @return list<string>
     */
    public static function lines(Piece $piece, ProfileLink $new, ?ProfileLink $old = null): array
    {
        $lines = $piece->lines('links');
        foreach ($lines as $at => $line) {
            if ($old !== null && ProfileDirectory::read($line)->address === $old->address) {
                $lines[$at] = ProfileDirectory::line($new);

                return $lines;
            }
        }

        return [...$lines, ProfileDirectory::line($new)];
    }
}
