<?php

namespace App\Bench;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Card;
use InkyCard\Card\Content\Block;
use InkyCard\Card\Content\TextRun;
use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Piece;
use InkyCard\Colour\Colour;
use InkyCard\Colour\Contrast;
use InkyCard\Colour\DarkPage;
use InkyCard\Layout\Box;
use InkyCard\Layout\PictureFit;
use InkyCard\Limits;

/** What is worth knowing of a piece while it is edited. */
final readonly class Advice
{
    /**
     * @param  ?Box  $box  where it stands; null where nothing of it shows
     * @param  list<AdviceLine>  $lines
     * @param  ?PictureFit  $fit  of a headshot or logo and its text
     * @param  list<string>  $links  addresses to try
     * @param  bool  $empty  nothing is filled in
     */
    private function __construct(
        public ?Box $box,
        public array $lines,
        public ?PictureFit $fit,
        public array $links,
        public bool $empty,
    ) {
    }

    /** @param  ?Box  $box  where the piece stands */
    public static function of(Card $card, Piece $piece, ?Box $box): self
    {
        $blocks = $card->content($piece);
        // Measured for the one piece it is about alone.
        $fit = PictureFit::ofPiece($card, $piece);
        $hrefs = array_merge([], ...array_map(
            fn (Block $block) => array_column($block->links(), 'href'), $blocks,
        ));

        return new self(
            $box,
            array_merge([], ...array_map(fn (Block $block) => self::read($block, $piece, $card), $blocks)),
            $fit,
            array_slice(array_values(array_unique($hrefs)), 0, Limits::TRIED),
            $blocks === [],
        );
    }

    /** @return list<AdviceLine> */
    private static function read(Block $block, Piece $piece, Card $card): array
    {
        $run = $block->runs()[0] ?? null;
        if ($run === null) {
            return [];
        }
        $lines = [self::contrast($run, $block->background($card->style->ink(InkRole::Paper)))];
        if (! $piece->can(Capability::Holder) && $run->size >= $card->style->sizes->name) {
            $lines[] = new AdviceLine(
                false, 'As large as the name: the eye no longer falls on the name first.',
            );
        }
        if ($run->size < Limits::SMALL_TEXT) {
            $lines[] = new AdviceLine(false, 'Under '.Limits::SMALL_TEXT.' px many readers have to enlarge it.');
        }

        return $lines;
    }

    private static function contrast(TextRun $run, Colour $background): AdviceLine
    {
        $ratio = Contrast::ratio($run->ink, $background);
        $one = fn (float $ratio) => number_format(floor($ratio * 10) / 10, 1);
        $says = __(
            ' on its background, :ratio where a page is forced dark',
            ['ratio' => $one(DarkPage::Forced->ratio($run->ink, $background))],
        );

        return $ratio >= Contrast::TEXT
            ? new AdviceLine(true, $says.'; '.round($run->size, 1).' px.', $one($ratio).' : 1')
            : new AdviceLine(
                false, $says.'. Under '.Contrast::TEXT.' it is hard to read: choose a stronger '
                    .'ink.', $one($ratio).' : 1',
            );
    }
}
