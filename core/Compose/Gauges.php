<?php

namespace InkyCard\Compose;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Content\Block;
use InkyCard\Card\Content\HtmlBlock;
use InkyCard\Card\Content\LineBlock;
use InkyCard\Card\Content\MarksBlock;
use InkyCard\Card\Content\PictureBlock;
use InkyCard\Colour\Colour;
use InkyCard\Colour\Contrast;
use InkyCard\Colour\DarkPage;
use InkyCard\Layout\Box;
use InkyCard\Layout\Measure;
use InkyCard\Layout\Measured;
use InkyCard\Layout\Sheet;
use InkyCard\Limits;
use InkyCard\Said;

/** What is measured on every card as it is edited. */
final class Gauges
{
    /** Characters of HTML a block of each sort takes, about: what makes a card long, to the piece. */
    private const WEIGHTS = ['mark' => 420, 'run' => 260, 'other' => 400];

    /** @var list<array{string, Block, Colour}> ids of its pieces, parted by spaces, the block, what it stands on */
    private array $blocks = [];

    private function __construct(private readonly Sheet $sheet)
    {
        foreach ($sheet->zones as $lines) {
            foreach (array_merge([], ...$lines) as $placed) {
                $this->blocks[] = [
                    implode(' ', array_column($placed->pieces, 'id')), $placed->block,
                    $sheet->card->styleOf($placed->pieces[0])->ink(InkRole::Paper),
                ];
            }
        }
    }

    /**
     * @param  string  $html  the card as composed with hosted pictures
     * @param  int  $pictureBytes  of all picture files
     * @param  array<int, Measured>|null  $measured  in a letter's window and on a narrow phone, where known already
     * @return list<Gauge> seven
     */
    public static function of(Sheet $sheet, string $html, int $pictureBytes, ?array $measured = null): array
    {
        $gauges = new self($sheet);
        $measured ??= Measure::at($sheet, [Limits::WIDTH, Limits::PHONE_WIDTH]);
        $wide = $measured[Limits::WIDTH];
        $phone = $measured[Limits::PHONE_WIDTH];

        return [
            $gauges->width($wide, $phone), $gauges->height($wide, $phone), $gauges->code($html),
            $gauges->pictures($pictureBytes), $gauges->faintest(), $gauges->links(), $gauges->words($wide),
        ];
    }

    private function width(Measured $wide, Measured $phone): Gauge
    {
        $over = (int) ceil($phone->overflow());
        $right = fn (Box $box) => $box->x + $box->width;

        return new Gauge(
            'width', 'Width', (string) round($wide->width),
            $over > 0 ? Said::of('px, phone :over over', ['over' => $over])
                : Said::of('of :most px', ['most' => Limits::WIDTH]),
            $wide->width / Limits::WIDTH,
            $over === 0 && $wide->width <= Limits::WIDTH,
            Said::of(
                'How wide the card is in a window of :letter px. On a phone of :phone px it should not run over.',
                ['letter' => Limits::WIDTH, 'phone' => Limits::PHONE_WIDTH],
            ),
            self::most(array_map($right, $over > 0 ? $phone->boxes : $wide->boxes)),
        );
    }

    private function height(Measured $wide, Measured $phone): Gauge
    {
        $tall = $wide->height <= Limits::HEIGHT && $phone->height > Limits::PHONE_HEIGHT;

        return new Gauge(
            'height', 'Height', (string) round($wide->height),
            $tall ? Said::of('px, phone :height', ['height' => round($phone->height)])
                : Said::of('of :most px', ['most' => Limits::HEIGHT]),
            $tall ? $phone->height / Limits::PHONE_HEIGHT : $wide->height / Limits::HEIGHT,
            $wide->height <= Limits::HEIGHT && $phone->height <= Limits::PHONE_HEIGHT,
            Said::of(
                'How high it is. Over :letter px it takes more room than most letters, over :phone px a third of '
                    .'a phone.',
                ['letter' => Limits::HEIGHT, 'phone' => Limits::PHONE_HEIGHT],
            ),
            self::most(array_map(fn (Box $box) => $box->height, ($tall ? $phone : $wide)->boxes)),
        );
    }

    private function code(string $html): Gauge
    {
        $length = mb_strlen($html);

        return new Gauge(
            'code', 'Code', number_format($length / 1000, 1),
            Said::of('of :most k chars', ['most' => Limits::CODE / 1000]),
            $length / Limits::CODE, $length <= Limits::CODE_NEAR,
            Said::of(
                'How long its HTML is. Some settings boxes take no more than :most characters.',
                ['most' => number_format(Limits::CODE)],
            ),
            self::most($this->byPiece(fn (Block $block) => match (true) {
                $block instanceof MarksBlock => self::WEIGHTS['mark'] * count($block->marks),
                $block instanceof LineBlock => self::WEIGHTS['run'] * count($block->runs),
                $block instanceof HtmlBlock => mb_strlen($block->html),
                default => self::WEIGHTS['other'],
            })),
        );
    }

    private function pictures(int $bytes): Gauge
    {
        $area = fn (PictureBlock $picture) => $picture->width * $picture->height;

        return new Gauge(
            'pictures', 'Pictures', number_format($bytes / 1000, 0),
            Said::of('of :most KB', ['most' => Limits::PICTURES / 1000]),
            $bytes / Limits::PICTURES, $bytes <= Limits::PICTURES_NEAR,
            Said::of(
                'What all its picture files weigh together. Under :most KB they are there at once, on a phone too.',
                ['most' => Limits::PICTURES / 1000],
            ),
            self::most($this->byPiece(fn (Block $block) => array_sum(array_map($area, $block->pictures())))),
        );
    }

    private function faintest(): Gauge
    {
        $ratios = $dark = [];
        foreach ($this->blocks as [$piece, $block, $paper]) {
            $background = $block->background($paper);
            foreach ($block->runs() as $run) {
                $ratios[$piece] = min($ratios[$piece] ?? 99, Contrast::ratio($run->ink, $background));
                $dark[] = DarkPage::Forced->ratio($run->ink, $background);
            }
        }
        asort($ratios);
        $least = $ratios === [] ? null : min($ratios);
        $one = fn (float $ratio) => number_format(floor($ratio * 10) / 10, 1);

        return new Gauge(
            'faintest', 'Faintest text', $least === null ? '–' : $one($least),
            $dark === [] ? 'no text' : Said::of(': 1, dark :ratio', ['ratio' => $one(min($dark))]),
            ($least ?? 0) / Limits::FULL_CONTRAST,
            $least === null || $least >= Contrast::TEXT,
            Said::of(
                'Contrast of the text that is hardest to read on its background, and on a page forced dark. :least to '
                    .'1 and more reads well.', ['least' => Contrast::TEXT],
            ),
            array_map(strval(...), array_keys($ratios)),
        );
    }

    private function links(): Gauge
    {
        $calls = count($this->sheet->card->calls());
        $count = $this->byPiece(fn (Block $block) => count($block->links()));
        $links = (int) array_sum($count);

        return new Gauge(
            'links', 'Links', (string) $links, $calls === 1 ? '1 call' : Said::of(':calls calls', ['calls' => $calls]),
            $links / Limits::LINKS, $links <= Limits::LINKS && $calls <= Limits::CALLS,
            Said::of(
                'Where a click leads on. One call gets more clicks than several; over :most links nobody chooses.',
                ['most' => Limits::LINKS],
            ),
            self::most($count),
        );
    }

    private function words(Measured $wide): Gauge
    {
        $words = 0.0;
        $area = fn (Block $block): int => $block instanceof PictureBlock ? $block->width * $block->height : 0;
        $areas = $this->byPiece($area);
        foreach ($this->blocks as [$piece, $block]) {
            $box = $block->runs() === [] ? null : $wide->boxes[explode(' ', $piece)[0]] ?? null;
            $words += $box === null ? 0 : $box->width * $box->height;
        }
        $all = $words + array_sum($areas);
        $share = $all > 0 ? $words / $all : 1.0;

        return new Gauge(
            'words', 'Words to pictures', (string) round(100 * $share), '% words', $share, $share >= Limits::WORDS,
            'How much of its area is words. Filters mistrust cards that are mostly pictures, and readers who block '
                .'them see nothing.',
            self::most($areas),
        );
    }

    /**
     * @param  \Closure(Block): int  $weight
     * @return array<string, int> ids of the pieces => what their blocks weigh together
     */
    private function byPiece(\Closure $weight): array
    {
        $weights = [];
        foreach ($this->blocks as [$piece, $block]) {
            $weights[$piece] = ($weights[$piece] ?? 0) + $weight($block);
        }

        return $weights;
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
