<?php

namespace App\Bench;

use App\Models\Card;
use App\Pictures\HostedPictures;
use InkyCard\Card\Card as Document;
use InkyCard\Compose\Gauges;
use InkyCard\Compose\HtmlComposer;

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

    public static function of(Card $card, ?Document $document = null): self
    {
        $document ??= $card->document();
        $pictures = app()->makeWith(HostedPictures::class, ['base' => HostedPictures::publicBase()]);
        $export = (new HtmlComposer($pictures))->compose($document);

        return new self(
            $card,
            $document,
            (new HtmlComposer($pictures, named: true))->compose($document),
            Gauges::of($document, $export, $pictures->bytes()),
        );
    }
}
