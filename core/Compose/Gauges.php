<?php

namespace InkyCard\Compose;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Content\Button;
use InkyCard\Card\Content\Line;
use InkyCard\Card\Content\Marks;
use InkyCard\Card\Content\Picture;
use InkyCard\Card\Content\Run;
use InkyCard\Colour\Colour;
use InkyCard\Colour\Contrast;
use InkyCard\Layout\Sheet;

/** What is measured on every card as it is edited. */
final readonly class Gauges
{
    /** Characters the strictest settings box takes. */
    public const CODE = 10_000;

    /** Bytes of pictures that still load at once on a phone. */
    public const PICTURES = 100_000;

    /**
     * @param  int  $code  characters of the HTML, pictures hosted
     * @param  int  $pictures  bytes of all picture files
     * @param  ?float  $faintest  contrast ratio of the faintest text on its ground; null without text
     * @param  int  $links  links in all
     * @param  int  $calls  buttons among them
     */
    private function __construct(
        public int $code,
        public int $pictures,
        public ?float $faintest,
        public int $links,
        public int $calls,
    ) {
    }

    /** @param  string  $html  the card as composed with hosted pictures */
    public static function of(Sheet $sheet, string $html, int $pictureBytes): self
    {
        $paper = $sheet->card->style->ink(InkRole::Paper);
        $ratios = [];
        $links = $calls = 0;
        $text = function (Run $run, Colour $ground) use (&$ratios, &$links): void {
            $ratios[] = Contrast::ratio($run->ink, $ground);
            $links += $run->href === null ? 0 : 1;
        };
        foreach ($sheet->blocks() as $block) {
            if ($block instanceof Line) {
                array_map(fn (Run $run) => $text($run, $paper), $block->runs);
            } elseif ($block instanceof Button) {
                $text($block->words, $block->ground);
                $calls++;
            } elseif ($block instanceof Marks) {
                $links += count($block->marks);
            } elseif ($block instanceof Picture) {
                $links += $block->href === null ? 0 : 1;
            }
        }

        return new self(mb_strlen($html), $pictureBytes, $ratios === [] ? null : min($ratios), $links, $calls);
    }
}
