<?php

namespace InkyCard\Compose;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Content\Block;
use InkyCard\Card\Content\ButtonBlock;
use InkyCard\Card\Content\LineBlock;
use InkyCard\Card\Content\MarksBlock;
use InkyCard\Card\Content\PictureBlock;
use InkyCard\Colour\Contrast;
use InkyCard\Colour\DarkPage;
use InkyCard\Layout\Measure;
use InkyCard\Layout\Measured;
use InkyCard\Layout\Sheet;

/** What is measured on every card as it is edited. */
final class Gauges
{
    /** Widest and highest a signature may be before it pushes the letter aside, CSS px. */
    public const WIDTH = 600;

    private const HEIGHT = 320;

    /** A phone's width. */
    public const PHONE = 320;

    /** Characters the strictest settings box takes. */
    private const CODE = 10_000;

    /** Bytes of pictures that still load at once on a phone. */
    private const PICTURES = 100_000;

    /** Links a reader can still choose among. */
    private const LINKS = 12;

    /** Share of words by area below which a card says little where pictures are blocked. */
    private const WORDS = 0.3;

    /** @var list<array{string, Block}> ids of its pieces, space between, and the block; in order */
    private array $blocks = [];

    private function __construct(private readonly Sheet $sheet)
    {
        foreach ($sheet->zones as $lines) {
            foreach ($lines as $line) {
                foreach ($line as $placed) {
                    $this->blocks[] = [implode(' ', array_column($placed->pieces, 'id')), $placed->block];
                }
            }
        }
    }

    /**
     * @param  string  $html  the card as composed with hosted pictures
     * @param  int  $pictureBytes  of all picture files
     * @param  array<int, Measured>|null  $measured  at WIDTH and PHONE, where that is known already
     * @return list<Gauge> seven
     */
    public static function of(Sheet $sheet, string $html, int $pictureBytes, ?array $measured = null): array
    {
        $gauges = new self($sheet);
        [self::WIDTH => $wide, self::PHONE => $phone] = $measured ?? Measure::at($sheet, [self::WIDTH, self::PHONE]);

        return [
            $gauges->width($wide, $phone),
            $gauges->height($wide),
            $gauges->code($html),
            $gauges->pictures($pictureBytes),
            $gauges->faintest(),
            $gauges->links(),
            $gauges->words($wide),
        ];
    }

    private function width(Measured $wide, Measured $phone): Gauge
    {
        $over = (int) ceil($phone->overflow());
        $right = fn ($box) => $box->x + $box->width;

        return new Gauge(
            'width', 'Width', (string) round($wide->width),
            $over > 0 ? "px, phone $over over" : 'of '.self::WIDTH.' px', $wide->width / self::WIDTH,
            $over === 0 && $wide->width <= self::WIDTH,
            'How wide the card is in a 600 px window. On a phone of 320 px it should not run over.',
            self::most(array_map($right, $over > 0 ? $phone->boxes : $wide->boxes)),
        );
    }

    private function height(Measured $wide): Gauge
    {
        return new Gauge(
            'height', 'Height', (string) round($wide->height), 'of '.self::HEIGHT.' px', $wide->height / self::HEIGHT,
            $wide->height <= self::HEIGHT, 'How high it is. Over 320 px it takes more room than most letters.',
            self::most(array_map(fn ($box) => $box->height, $wide->boxes)),
        );
    }

    private function code(string $html): Gauge
    {
        $length = mb_strlen($html);
        $weights = [];
        foreach ($this->blocks as [$piece, $block]) {
            $weights[$piece] = ($weights[$piece] ?? 0) + match (true) {
                $block instanceof MarksBlock => 420 * count($block->marks),
                $block instanceof LineBlock => 260 * count($block->runs),
                default => 400,
            };
        }

        return new Gauge(
            'code', 'Code', number_format($length / 1000, 1), 'of '.self::CODE / 1000 .' k chars', $length / self::CODE,
            $length <= self::CODE * 0.8,
            'How long its HTML is. Some settings boxes take no more than 10,000 characters.', self::most($weights),
        );
    }

    private function pictures(int $bytes): Gauge
    {
        $weights = [];
        foreach ($this->blocks as [$piece, $block]) {
            if ($block instanceof PictureBlock) {
                $weights[$piece] = ($weights[$piece] ?? 0) + $block->width * $block->height;
            } elseif ($block instanceof MarksBlock) {
                $weights[$piece]
                    = ($weights[$piece] ?? 0)
                    + array_sum(array_map(fn (PictureBlock $mark) => $mark->width * $mark->height, $block->marks));
            }
        }

        return new Gauge(
            'pictures', 'Pictures', number_format($bytes / 1000, 0), 'of '.self::PICTURES / 1000 .' KB',
            $bytes / self::PICTURES, $bytes <= self::PICTURES * 0.8,
            'What all its picture files weigh together. Under 100 KB they are there at once, on a phone too.',
            self::most($weights),
        );
    }

    private function faintest(): Gauge
    {
        $paper = $this->sheet->card->style->ink(InkRole::Paper);
        $ratios = $dark = [];
        foreach ($this->blocks as [$piece, $block]) {
            $ground = $block instanceof ButtonBlock ? $block->ground : $paper;
            foreach (
                $block instanceof ButtonBlock ? [$block->words] : ($block instanceof LineBlock ? $block->runs : []) as $run
            ) {
                $ratios[$piece] = min($ratios[$piece] ?? 99, Contrast::ratio($run->ink, $ground));
                $dark[$piece] = min($dark[$piece] ?? 99, DarkPage::Forced->ratio($run->ink, $ground));
            }
        }
        asort($ratios);
        $least = $ratios === [] ? null : min($ratios);
        $darkest = $dark === [] ? 1.0 : min($dark);
        $one = fn (float $ratio) => number_format(floor($ratio * 10) / 10, 1);

        return new Gauge(
            'faintest',
            'Faintest text',
            $least === null ? '–' : $one($least),
            $least === null ? 'no text' : ': 1, dark '.$one($darkest),
            ($least ?? 0) / 9,
            $least === null || $least >= Contrast::TEXT,
            'Contrast of the text that is hardest to read on its ground, and on a page forced dark. 4.5 to 1 and '
                .'more reads well.',
            array_map(strval(...), array_keys($ratios)),
        );
    }

    private function links(): Gauge
    {
        $count = [];
        $calls = 0;
        foreach ($this->blocks as [$piece, $block]) {
            $calls += $block instanceof ButtonBlock ? 1 : 0;
            $count[$piece] = ($count[$piece] ?? 0) + match (true) {
                $block instanceof MarksBlock => count($block->marks),
                $block instanceof ButtonBlock => 1,
                $block instanceof PictureBlock => $block->href === null ? 0 : 1,
                $block instanceof LineBlock => count(array_filter($block->runs, fn ($run) => $run->href !== null)),
                default => 0,
            };
        }
        $links = array_sum($count);

        return new Gauge(
            'links', 'Links', (string) $links, $calls === 1 ? '1 main call' : "$calls main calls", $links / self::LINKS,
            $links <= self::LINKS && $calls <= 1,
            'Where a press leads on. One main call gets more presses than several; over twelve links nobody chooses.',
            self::most($count),
        );
    }

    private function words(Measured $wide): Gauge
    {
        $words = $pictures = 0.0;
        $areas = [];
        foreach ($this->blocks as [$piece, $block]) {
            if ($block instanceof PictureBlock) {
                $pictures += $area = $block->width * $block->height;
                $areas[$piece] = ($areas[$piece] ?? 0) + $area;
            } elseif ($block instanceof LineBlock || $block instanceof ButtonBlock) {
                $box = $wide->boxes[explode(' ', $piece)[0]] ?? null;
                $words += $box === null ? 0 : $box->width * $box->height;
            }
        }
        $share = $words + $pictures > 0 ? $words / ($words + $pictures) : 1.0;

        return new Gauge(
            'words',
            'Words to pictures',
            (string) round(100 * $share),
            '% words',
            $share,
            $share >= self::WORDS,
            'How much of its area is words. Filters mistrust cards that are mostly pictures, and readers who block '
                .'them see nothing.',
            self::most($areas),
        );
    }

    /**
     * @param  array<string, float|int>  $weights
     * @return list<string>
     */
    private static function most(array $weights): array
    {
        arsort($weights);

        return array_map(strval(...), array_keys(array_filter($weights)));
    }
}
