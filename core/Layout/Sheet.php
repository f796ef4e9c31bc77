<?php

namespace InkyCard\Layout;

use InkyCard\Card\Card;
use InkyCard\Card\Content\Block;
use InkyCard\Card\Content\ButtonBlock;
use InkyCard\Card\Content\LineBlock;
use InkyCard\Card\Content\PictureBlock;
use InkyCard\Card\Kind\Zone;
use InkyCard\Card\Piece;

/** A card's visible content, once for every composer: zones, their lines, what stands on each line. */
final class Sheet
{
    private ?Table $table = null;

    /**
     * @param  array<string, list<non-empty-list<Placed>>>  $zones zone => lines, each of one or more placed blocks;
     *     empty zones left out
     */
    private function __construct(public readonly Card $card, public readonly array $zones)
    {
    }

    /**
     * @param  (\Closure(Piece): list<Block>)|null  $content  what to put in place of a piece's own content
     */
    public static function of(Card $card, ?\Closure $content = null): self
    {
        $zones = [];
        $places = $card->arrangement->zones;
        foreach ($card->pieces as $piece) {
            $zone = $piece->zone->value;
            if (! $piece->shown || ! isset($places[$zone])) {
                continue;
            }
            $joins = $piece->joined !== null;
            foreach ($content === null ? $card->content($piece) : $content($piece) as $block) {
                if (($joins || ($block instanceof ButtonBlock && $block->beside)) && isset($zones[$zone])) {
                    $line = array_pop($zones[$zone]);
                    $zones[$zone][] = self::join($card, $line, $piece, $block);
                } else {
                    $zones[$zone][] = [new Placed($block, [$piece])];
                }
                // Only the first of its blocks follows on; the others are lines of their own.
                $joins = false;
            }
        }

        return new self($card, $zones);
    }

    /** It laid out in tables, once for whoever composes it and whoever measures it. */
    public function table(): Table
    {
        return $this->table ??= Framer::table($this->card, $this->zones);
    }

    /** @return list<non-empty-list<Placed>> */
    public function lines(Zone $zone): array
    {
        return $this->zones[$zone->value] ?? [];
    }

    /** @return list<Block> every block in reading order */
    public function blocks(): array
    {
        return array_map(fn (Placed $placed) => $placed->block, $this->placed());
    }

    /** @return list<Placed> the same with the pieces they came from */
    public function placed(): array
    {
        $all = [];
        foreach (Zone::cases() as $zone) {
            foreach ($this->zones[$zone->value] ?? [] as $line) {
                foreach ($line as $placed) {
                    $all[] = $placed;
                }
            }
        }

        return $all;
    }

    /** @return list<PictureBlock> every picture, marks, symbols and those behind words among them */
    public function pictures(): array
    {
        $pictures = [];
        foreach (Behind::of($this->card) as [, $picture, $background]) {
            $pictures[] = Behind::block($picture, $background);
        }
        foreach ($this->placed() as $placed) {
            foreach ($placed->block->pictures() as $picture) {
                $pictures[] = $picture;
            }
        }

        return $pictures;
    }

    /**
     * Two lines of text flow into one with the separator between them; anything else stands side by side.
     *
     * @param  non-empty-list<Placed>  $line
     * @return non-empty-list<Placed>
     */
    private static function join(Card $card, array $line, Piece $piece, Block $block): array
    {
        $previous = $line[count($line) - 1];
        $next = new Placed($block, [$piece]);
        if ($previous->block instanceof LineBlock && $block instanceof LineBlock) {
            $joined = $previous->followedBy($next, (string) $piece->joined, $card->styleOf($piece));

            return [...array_slice($line, 0, -1), $joined];
        }

        return [...$line, $next];
    }
}
