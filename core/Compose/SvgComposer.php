<?php

namespace InkyCard\Compose;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Content\HtmlBlock;
use InkyCard\Card\Content\LineBlock;
use InkyCard\Card\Content\PictureBlock;
use InkyCard\Card\Content\RuleBlock;
use InkyCard\Card\Content\TextRun;
use InkyCard\Colour\Colour;
use InkyCard\Layout\Border;
use InkyCard\Layout\Box;
use InkyCard\Layout\Cell;
use InkyCard\Layout\Laid;
use InkyCard\Layout\Measure;
use InkyCard\Layout\Own\OwnLayout;
use InkyCard\Layout\Own\OwnReader;
use InkyCard\Layout\Sheet;
use InkyCard\Layout\Surface;
use InkyCard\Limits;
use InkyCard\Type\FontStack;
use InkyCard\Type\LineStyle;
use InkyCard\Type\TextMeasure;

/**
 * A card drawn as SVG 1.1, by the places the measure finds: words stand where
 * browsers put them even where the face at hand is a little wider. Links do
 * not work in it. Own HTML is drawn by its words, one ink for all, a picture that
 * is not inside by the words that stand for it.
 */
final class SvgComposer
{
    /** Around the card, CSS px. */
    private const MARGIN = 16;

    private SvgPen $pen;

    private Lettering $lettering;

    private FontStack $typeface;

    private bool $rtl;

    private Colour $quiet;

    private TextRun $plain;

    public function __construct(private readonly PictureSources $pictures)
    {
    }

    /** @param  int  $room  width it may take, CSS px; wide content may take more */
    public function compose(Sheet $sheet, int $room = Limits::WIDTH): string
    {
        $style = $sheet->card->style;
        $this->typeface = $style->typeface;
        $this->rtl = $sheet->card->direction() === 'rtl';
        $this->quiet = $style->ink(InkRole::Quiet);
        $this->plain = new TextRun('', $style->ink(InkRole::Body), $style->sizes->text,
            lineHeight: $style->spacing->lineHeight);
        $this->pictures->prepare($sheet->pictures());
        [$width, $height, $laid] = Measure::laid($sheet, $room);
        [$width, $height] = [(int) ceil($width) + 2 * self::MARGIN, (int) ceil($height) + 2 * self::MARGIN];

        $this->pen = new SvgPen;
        $this->lettering = new Lettering($this->pen, $this->typeface, $this->rtl);
        $this->pen->open('svg', [
            'xmlns' => 'http://www.w3.org/2000/svg', 'xmlns:xlink' => 'http://www.w3.org/1999/xlink', 'width' => $width,
            'height' => $height, 'viewBox' => "0 0 $width $height", 'xml:lang' => $sheet->card->lang,
        ]);
        // Around a background of its own is the page it is sent on.
        $this->pen->rectangle(
            new Box(0, 0, $width, $height),
            $style->background === null ? $style->ink(InkRole::Paper) : Colour::hex('#ffffff'),
        );
        foreach ($laid as $cell) {
            $this->cell($cell->move(self::MARGIN, self::MARGIN));
        }
        $this->pen->close();

        return $this->pen->take();
    }

    private function cell(Laid $laid): void
    {
        $cell = $laid->cell;
        $whole = $laid->whole();
        if ($cell->surface !== null) {
            $this->surface($cell->surface, $whole);
        }
        $content = $cell->content;
        match (true) {
            $content instanceof LineBlock => $this->words($content, $cell, $laid->room(), $laid->content()->y),
            $content instanceof PictureBlock => $this->picture($content, $laid->content()),
            // A browser draws it as the cell's lower edge.
            $content instanceof RuleBlock => $this->stroke(
                new Box(
                    $whole->x, $whole->y + $whole->height - $content->thickness, $whole->width, $content->thickness,
                ),
                $content->ink, $content->style,
            ),
            $content instanceof HtmlBlock => $this->own($content, $laid->content()),
            default => null,
        };
    }

    private function surface(Surface $surface, Box $whole): void
    {
        $radius = $surface->radius ?? 0;
        if ($surface->colour !== null) {
            $this->pen->rectangle($whole, $surface->colour, $radius);
        }
        if ($surface->picture !== null) {
            $this->pen->filled($this->pictures->source($surface->picture), $whole, $radius);
        }
        if ($surface->border !== null) {
            $this->border($surface->border, $whole, is_array($radius) ? $radius[0] : $radius);
        }
    }

    /** @param  int  $radius  of its corners where it runs all around, CSS px */
    private function border(Border $border, Box $whole, int $radius): void
    {
        [$thick, $ink, $style] = [$border->width, $border->ink, $border->style];
        if ($border->side === 'all') {
            $this->pen->element('rect', [
                'x' => $whole->x + $thick / 2, 'y' => $whole->y + $thick / 2, 'width' => $whole->width - $thick,
                'height' => $whole->height - $thick, 'rx' => $radius > 0 ? max(0, $radius - $thick / 2) : null,
                'fill' => 'none', 'stroke' => $ink->hex, 'stroke-width' => $thick,
                'stroke-dasharray' => self::dashes($style, $thick),
            ]);

            return;
        }
        $this->stroke(match ($border->side) {
            'left' => new Box($whole->x, $whole->y, $thick, $whole->height),
            'right' => new Box($whole->x + $whole->width - $thick, $whole->y, $thick, $whole->height),
            'top' => new Box($whole->x, $whole->y, $whole->width, $thick),
            default => new Box($whole->x, $whole->y + $whole->height - $thick, $whole->width, $thick),
        }, $ink, $style);
    }

    /** A line as long as a box, and as thick. */
    private function stroke(Box $box, Colour $ink, LineStyle $style): void
    {
        $flat = $box->width > $box->height;
        $thick = $flat ? $box->height : $box->width;
        if ($style === LineStyle::Solid || ($style === LineStyle::Double && $thick < 3)) {
            $this->pen->rectangle($box, $ink);
        } elseif ($style === LineStyle::Double) {
            $each = floor(($thick + 1) / 3);
            foreach ([0, $thick - $each] as $at) {
                $this->pen->rectangle($flat ? new Box($box->x, $box->y + $at, $box->width, $each)
                    : new Box($box->x + $at, $box->y, $each, $box->height), $ink);
            }
        } else {
            $half = $thick / 2;
            $this->pen->element('line', [
                'x1' => $flat ? $box->x : $box->x + $half, 'y1' => $flat ? $box->y + $half : $box->y,
                'x2' => $flat ? $box->x + $box->width : $box->x + $half,
                'y2' => $flat ? $box->y + $half : $box->y + $box->height,
                'stroke' => $ink->hex, 'stroke-width' => $thick, 'stroke-dasharray' => self::dashes($style, $thick),
            ]);
        }
    }

    /** As browsers dash a border: twice as long as thick from 3 px on, three times below. */
    private static function dashes(LineStyle $style, float $thick): ?string
    {
        $dash = $thick * ($thick >= 3 ? 2 : 3);

        return match ($style) {
            LineStyle::Dashed => "$dash $dash",
            LineStyle::Dotted => "$thick $thick",
            default => null,
        };
    }

    private function words(LineBlock $line, Cell $cell, Box $room, float $y): void
    {
        // Browsers set words on whole pixels of their line.
        [$above, $below] = $line->aroundBaseline($this->typeface);
        foreach (
            TextMeasure::of(
                $this->typeface,
                array_map(fn (TextRun $run) => $run->measured(), $line->runs),
            )->words($room->width) as [$width, $stretches]
        ) {
            $this->lettering->line(
                $line->runs, $stretches, $room->x + $cell->indent($room->width - $width, $this->rtl),
                $y + floor($above),
            );
            $y += $above + $below;
        }
    }

    private function own(HtmlBlock $html, Box $box): void
    {
        $flow = (new OwnReader($this->typeface))->flow($html->tree(), $this->plain->size);
        foreach ((new OwnLayout($this->typeface))->laid($flow, $box->width)[2] as $placed) {
            $at = $placed->move($box->x, $box->y)->box;
            $runs = array_map(fn (array $run) => new TextRun(
                $run[0], $this->plain->ink, $run[1], $run[2], lineHeight: $this->plain->lineHeight,
            ), $placed->runs);
            if ($runs === []) {
                $this->missing('', $at);
            } else {
                $stretches = array_map(fn (int $run) => [$run, $runs[$run]->text], array_keys($runs));
                $this->lettering->line($runs, $stretches, $at->x, $at->y);
            }
        }
    }

    private function picture(PictureBlock $picture, Box $box): void
    {
        $source = $this->pictures->source($picture);
        str_starts_with($source, 'data:')
            ? $this->pen->element('image', [
                'x' => $box->x, 'y' => $box->y, 'width' => $box->width, 'height' => $box->height,
                'preserveAspectRatio' => 'none', 'xlink:href' => $source,
            ])
            : $this->missing($picture->alt, $box);
    }

    /** A picture that is not inside, as readers see one they do not load. */
    private function missing(string $alt, Box $box): void
    {
        $this->pen->element('rect', [
            'x' => $box->x + 0.5, 'y' => $box->y + 0.5, 'width' => max(0, $box->width - 1),
            'height' => max(0, $box->height - 1), 'fill' => 'none', 'stroke' => $this->quiet->hex,
        ]);
        if ($alt !== '' && $box->width > 24) {
            $y = $box->y + 4;
            foreach (TextMeasure::of($this->typeface, [[$alt, 11, false]])->words($box->width - 8) as [, $stretches]) {
                $y += 14;
                $this->lettering->line(
                    [new TextRun($alt, $this->quiet, 11)], $y > $box->y + $box->height ? [] : $stretches, $box->x + 4,
                    $y,
                );
            }
        }
    }
}
