<?php

namespace App\Bench;

use App\Models\Brand as BrandModel;
use App\Models\Card;
use App\Pictures\HostedPictures;
use InkyCard\Brand\Brand;
use InkyCard\Card\Card as Document;
use InkyCard\Card\Content\Button;
use InkyCard\Card\Content\Line;
use InkyCard\Card\Piece;
use InkyCard\Compose\Gauges;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Layout\Sheet;

/** A card on the bench: its document, the sheet as sent, and what is measured on it. */
final readonly class Workbench
{
    /** @param  string  $sheet  the export, its elements named by piece */
    private function __construct(
        public Card $card,
        public Document $document,
        public string $sheet,
        public Gauges $gauges,
    ) {
    }

    /** A piece of the card, or nothing when it is not on it. */
    public function piece(string $id): ?Piece
    {
        foreach ($this->document->pieces as $piece) {
            if ($piece->id === $id) {
                return $piece;
            }
        }

        return null;
    }

    /** Type size of a piece as it stands on the card, CSS px; empty when it shows no text. */
    public function sizeOf(Piece $piece): string
    {
        foreach ($piece->content($this->document) as $block) {
            if ($block instanceof Line || $block instanceof Button) {
                return (string) ($block instanceof Line ? $block->runs[0] : $block->words)->size;
            }
        }

        return '';
    }

    /** The brand its inks are compared with. */
    public function brand(): Brand
    {
        return BrandModel::in($this->card->workspace)->document();
    }

    public static function of(Card $card, ?Document $document = null): self
    {
        $document ??= $card->document();
        $pictures = HostedPictures::forScreen();
        $sheet = Sheet::of($document);
        $html = (new HtmlComposer($pictures, named: true))->compose($sheet);

        return new self($card, $document, $html, Gauges::of($sheet, HtmlComposer::unnamed($html), $pictures->bytes()));
    }
}
